import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampleAt } from '../../../resources/js/mat/Strip';
import { beside, placeWords } from '../../../resources/js/mat/stripWords';
import { widthOf } from '../../../resources/js/mat/words/measure';
import { overlap, within } from '../../../resources/js/mat/words/place';

const samples = [
    { t: 0, bond: 20, panel: 20, battery: 20, outer: 20 },
    { t: 10, bond: 40, panel: 30, battery: 25, outer: 60 },
];

describe('temperature strip', () => {
    it('writes out only words that stand clear of each other, within the strip', () => {
        fc.assert(
            fc.property(
                fc.array(fc.tuple(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 0, max: 200 })), {
                    maxLength: 20,
                }),
                (points) => {
                    const words = points.map(([x, y], i) => ({
                        id: String(i),
                        text: 'battery 56 °C',
                        size: 18,
                        bold: true,
                        fill: '',
                        at: beside(x, y, i % 2 === 0),
                    }));
                    const placed = placeWords(words, { x: 0, y: 0, width: 600, height: 200 });
                    const boxes = placed.map((w) => {
                        const width = widthOf(w.text, w.size, w.bold);
                        return { x: w.anchor === 'start' ? w.x : w.x - width, y: w.y - 18, width, height: 18 };
                    });
                    boxes.forEach((a, i) => {
                        expect(within(a, { x: 0, y: 0, width: 600, height: 200 })).toBe(true);
                        expect(boxes.slice(i + 1).some((b) => overlap(a, b))).toBe(false);
                    });
                },
            ),
        );
    });
    it('reads straight between samples', () => {
        expect(sampleAt(samples, 5)).toEqual({ t: 5, bond: 30, panel: 25, battery: 22.5, outer: 40 });
    });
    it('stays at the ends', () => {
        expect(sampleAt(samples, 99)?.bond).toBe(40);
        expect(sampleAt(samples, 0)?.bond).toBe(20);
    });
    it('has nothing to say without samples', () => {
        expect(sampleAt([], 1)).toBeNull();
    });
});
