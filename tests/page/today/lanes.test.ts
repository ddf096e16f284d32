import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tagged, type Bar } from '../../../resources/js/places/today/lanes';

/** px of a letter of a tag: 15 px, each as wide as the others. */
const LETTER = 9;
const axis = { x: (ms: number): number => ms };
const late = (bar: Bar): boolean => bar.job.endsWith('late');

const bars = fc.array(
    fc.record({ from: fc.integer({ min: 0, max: 1000 }), long: fc.integer({ min: 0, max: 200 }), late: fc.boolean() }),
    { maxLength: 30 },
);

describe('tags in a lane', () => {
    it.each([true, false])('never touch, whether the lane is somebody’s or not (%s)', (moves) => {
        fc.assert(
            fc.property(bars, (all) => {
                const lane = {
                    moves,
                    bars: all.map((b, i) => ({
                        job: `${i}${b.late ? 'late' : ''}`,
                        tag: 'T-1503',
                        from: b.from,
                        hands: b.from + b.long,
                        to: b.from + b.long,
                    })),
                };
                const shown = tagged(lane, axis, late);
                shown.slice(1).forEach((bar, i) => {
                    const before = shown[i];
                    const text = before && moves && late(before) ? '! T-1503' : 'T-1503';
                    expect(bar.from).toBeGreaterThan((before?.from ?? 0) + LETTER * text.length);
                });
                // The first that is long enough has one.
                expect(shown.length > 0).toBe(lane.bars.some((b) => (moves ? b.to > b.from : b.to - b.from >= 56)));
            }),
        );
    });
});
