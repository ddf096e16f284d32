import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnsOf, toMm, toPx, viewOf } from '../../../resources/js/mat/view';
import { overlap, within } from '../../../resources/js/mat/words/place';

const phones = fc.record({
    width: fc.double({ min: 50, max: 180, noNaN: true }),
    height: fc.double({ min: 90, max: 260, noNaN: true }),
});
const sizes = fc.record({
    width: fc.double({ min: 240, max: 1600, noNaN: true }),
    height: fc.double({ min: 200, max: 1200, noNaN: true }),
});

describe('the phone in its box', () => {
    it('is whole, with words beside it that do not lie on it', () => {
        fc.assert(
            fc.property(phones, sizes, (phone, size) => {
                const view = viewOf(size, phone, true, 1, null);
                const body = {
                    ...toPx({ x: 0, y: 0 }, view),
                    width: phone.width * view.scale,
                    height: phone.height * view.scale,
                };
                const room = { x: -0.001, y: -0.001, width: size.width + 0.002, height: size.height + 0.002 };
                expect(within(body, room)).toBe(true);
                const { left, right } = columnsOf(size, phone, view);
                for (const column of [left, right].filter((c) => c.width > 0)) {
                    expect(overlap(column, body)).toBe(false);
                    expect(column.x).toBeGreaterThanOrEqual(0);
                    expect(column.x + column.width).toBeLessThanOrEqual(size.width + 1e-6);
                }
            }),
        );
    });
    it('is found again where it is tapped, also when it is seen nearer', () => {
        fc.assert(
            fc.property(phones, sizes, fc.constantFrom(1, 1.6, 2.56, 4.1), (phone, size, zoom) => {
                const middle = { x: phone.width / 3, y: phone.height / 4 };
                const view = viewOf(size, phone, true, zoom, middle);
                const p = { x: phone.width / 5, y: phone.height / 7 };
                const back = toMm(toPx(p, view), view);
                expect(back.x).toBeCloseTo(p.x, 6);
                expect(back.y).toBeCloseTo(p.y, 6);
                if (zoom > 1) {
                    expect(toPx(middle, view).x).toBeCloseTo(size.width / 2, 6);
                }
            }),
        );
    });
});
