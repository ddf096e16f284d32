import { describe, expect, it } from 'vitest';
import { path, PLOT, spreadApart, type Scale } from '../../../resources/js/places/heat/TimeChart';

describe('names at the right end of a chart', () => {
    it('stay where they are while there is room', () => {
        expect(spreadApart([{ y: 100 }, { y: 50 }]).map((l) => l.y)).toEqual([50, 100]);
    });

    it('never cover each other and never leave the plot', () => {
        for (const ys of [
            [20, 21, 22, 23],
            [PLOT.bottom, PLOT.bottom, PLOT.bottom],
            [200, 255, 258, 259, 260, 261, 262, 262],
        ]) {
            const spread = spreadApart(ys.map((y) => ({ y }))).map((l) => l.y);
            for (let i = 1; i < spread.length; i++) {
                expect((spread[i] ?? 0) - (spread[i - 1] ?? 0)).toBeGreaterThanOrEqual(15);
            }
            expect(Math.max(...spread)).toBeLessThanOrEqual(PLOT.bottom + 0.01);
        }
    });
});

describe('a line over time', () => {
    const scale: Scale = { x: (t) => 10 * t, right: 560, y: (c) => 100 - c };

    it('starts with a move and goes on in lines', () => {
        expect(
            path(scale, [
                { t: 0, c: 20 },
                { t: 1, c: 30.04 },
            ]),
        ).toBe('M0.0 80.0L10.0 70.0');
        expect(path(scale, [])).toBe('');
    });
});
