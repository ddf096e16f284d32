import { describe, expect, it } from 'vitest';
import { axisOf, rowsOf } from '../../../resources/js/places/today/axis';

const HOUR = 3_600_000;
const at = (h: number): number => 1_796_281_200_000 + h * HOUR;
const open = [
    { from: at(9), to: at(13) },
    { from: at(14), to: at(18.5) },
];
const slot = (from: number, to: number) => ({
    job: '',
    tag: '',
    person: '',
    kind: null,
    from,
    hands: to,
    to,
});

describe('the hours that are drawn', () => {
    const axis = axisOf({ now: at(11.5), open, slots: [slot(at(12), at(15))] }, 1000);

    it('begin half an hour ago and end when what is planned is over', () => {
        expect(axis.stretches[0]?.from).toBe(at(11));
        expect(axis.stretches.at(-1)?.to).toBe(at(15.5));
        expect(axis.x(at(11))).toBe(0);
        expect(axis.x(at(15.5))).toBeCloseTo(1000, 6);
    });

    it('leave out the time when it is shut', () => {
        expect(axis.x(at(14)) - axis.x(at(13))).toBeLessThan(30);
        expect(axis.x(at(13.5))).toBeGreaterThan(axis.x(at(13)));
        expect(axis.x(at(13.5))).toBeLessThan(axis.x(at(14)));
    });

    it('say the moment at a place, to five minutes', () => {
        for (const h of [11, 11.5, 12.25, 14.5, 15.25]) {
            expect(axis.at(axis.x(at(h)))).toBe(at(h));
        }
    });

    it('never go beyond five hours of work', () => {
        const long = axisOf({ now: at(9), open, slots: [slot(at(9), at(18))] }, 1000);
        expect(long.stretches.reduce((sum, s) => sum + s.to - s.from, 0)).toBe(5 * HOUR);
    });
});

describe('rows of one kind of equipment', () => {
    it('hold nothing twice at once', () => {
        const held = [slot(0, 10), slot(5, 15), slot(10, 20), slot(16, 30)];
        const rows = rowsOf(held, 2);
        expect(rows.map((r) => r.map((s) => s.from))).toEqual([
            [0, 10],
            [5, 16],
        ]);
    });
});
