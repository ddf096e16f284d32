import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import type { PhoneFile, Plan, Step } from '../../../resources/js/api/client';
import { bladeAt, likelyAt, passAt, placeOf, standsAt, through, type Way } from '../../../resources/js/bench/drag';

const phone = JSON.parse(readFileSync('phones/quillon-vesper.phone.json', 'utf8')) as PhoneFile;
const way = (back: boolean): Way =>
    ({
        stretch: { id: 'left-lower', side: 'left', from: 73, to: 146 },
        pace: 2,
        ...(back ? { back: true } : {}),
    }) as unknown as Way;

describe('where a blade that drags stands', () => {
    it('is reckoned from the end at which it began', () => {
        expect(through(way(true), 100)).toBe(46);
        expect(through(way(false), 100)).toBe(27);
        expect([standsAt(way(true), 46), standsAt(way(false), 27)]).toEqual([100, 100]);
        expect(likelyAt(way(true), 10)).toBe(126);
        expect(likelyAt(way(false), 10)).toBe(93);
        expect(likelyAt(way(true), 1000), 'never beyond the stretch').toBe(73);
    });
    it('is the place on the edge that is tapped, and drawn there again', () => {
        for (const mm of [80, 100, 140]) {
            const point = bladeAt(phone, way(true), mm);
            expect(point).toBeDefined();
            expect(placeOf(phone, way(true), point ?? { x: 0, y: 0 })).toBeCloseTo(mm, 0);
        }
        expect(placeOf(phone, way(true), { x: 3, y: 1 }), 'a tap beside the stretch').toBe(73);
    });
    it('is asked for in a pass through a warm bond alone', () => {
        const step = { kind: 'cut-pass', move: { bond: 'seal', index: 1 } } as unknown as Step;
        const plan = (first: string) =>
            ({
                openings: [{ bond: 'seal', moves: [{ kind: first }, { kind: 'pass', way: way(true) }] }],
            }) as unknown as Plan;
        expect(passAt(plan('heat'), step)).not.toBeNull();
        expect(passAt(plan('break-panel'), step)).toBeNull();
        expect(passAt(plan('heat'), { ...step, kind: 'lift' })).toBeNull();
        expect(passAt(plan('heat'), null)).toBeNull();
    });
});
