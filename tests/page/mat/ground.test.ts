import { describe, expect, it } from 'vitest';
import { placed } from '../../../resources/js/mat/Ground';

/** Where a pixel of the photo is shown, as the browser reads a matrix3d: column by column. */
function shownAt(css: string, x: number, y: number): [number, number] {
    const m = (/\((.*)\)/.exec(css)?.[1] ?? '').split(',').map(Number);
    const at = (row: number) => (m[row] ?? 0) * x + (m[4 + row] ?? 0) * y + (m[12 + row] ?? 0);
    return [at(0) / at(3), at(1) / at(3)];
}

describe('a photo under the drawing', () => {
    // Two pixels per mm, 50 left over on both sides.
    const view = { scale: 2, x: 50, y: 0 };

    it('is shown where the drawing shows the same millimetres', () => {
        const tenth = [0.1, 0, 0, 0, 0.1, 0, 0, 0, 1];
        expect(shownAt(placed(tenth, view), 0, 0)).toEqual([50, 0]);
        expect(shownAt(placed(tenth, view), 1000, 2000)).toEqual([250, 400]);
    });
    it('keeps its perspective, and follows when the drawing is seen nearer', () => {
        const leaning = [0.1, 0, 0, 0, 0.1, 0, 0.0002, 0.0001, 1];
        const mm = (x: number, y: number): [number, number] => {
            const w = 0.0002 * x + 0.0001 * y + 1;
            return [(0.1 * x) / w, (0.1 * y) / w];
        };
        const near = { scale: 4, x: 50 - 4 * 20, y: -4 * 60 };
        for (const [x, y] of [
            [100, 200],
            [640, 1200],
        ] as const) {
            const [a, b] = mm(x, y);
            const [px, py] = shownAt(placed(leaning, near), x, y);
            expect(px).toBeCloseTo(4 * (a - 20) + 50, 6);
            expect(py).toBeCloseTo(4 * (b - 60), 6);
        }
    });
});
