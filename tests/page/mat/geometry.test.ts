import { describe, expect, it } from 'vitest';
import { along, pointOn, seen, type Rounded } from '../../../resources/js/mat/geometry';

const shape: Rounded = { x: 0, y: 0, width: 70, height: 140, radius: 10 };
const length = (points: { x: number; y: number }[]): number =>
    points.slice(1).reduce((s, p, i) => s + Math.hypot(p.x - (points[i]?.x ?? NaN), p.y - (points[i]?.y ?? NaN)), 0);

describe('geometry of the drawing', () => {
    it('lies on the straight edge between the corners', () => {
        expect(pointOn(shape, 'right', 70)).toEqual({ x: 70, y: 70 });
        expect(pointOn(shape, 'top', 35)).toEqual({ x: 35, y: 0 });
    });
    it('follows the corner: every point keeps the radius', () => {
        for (const p of along(shape, 'bottom', 0, 10)) {
            expect(Math.hypot(p.x - 10, p.y - 130)).toBeCloseTo(10, 6);
        }
    });
    it('runs the whole outline as four sides: 2(w+h) − 8r + 2πr', () => {
        const sides = (['top', 'right', 'bottom', 'left'] as const).map((s) =>
            length(along(shape, s, 0, s === 'top' || s === 'bottom' ? 70 : 140)),
        );
        const total = sides.reduce((a, b) => a + b, 0);
        const perimeter = 2 * (70 + 140) - 80 + 2 * Math.PI * 10;
        expect(Math.abs(total - perimeter)).toBeLessThan(0.2);
    });
    it('turns over by mirroring x only', () => {
        expect(seen({ x: 10, y: 20 }, 'back', 70)).toEqual({ x: 60, y: 20 });
        expect(seen({ x: 10, y: 20 }, 'front', 70)).toEqual({ x: 10, y: 20 });
    });
});
