import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cross, layOut, type Labelled } from '../../../resources/js/mat/words/columns';
import { widthOf, wrapped } from '../../../resources/js/mat/words/measure';
import { overlap, place, within } from '../../../resources/js/mat/words/place';

const room = { x: 0, y: 0, width: 600, height: 420 };
const box = fc.record({
    x: fc.integer({ min: -50, max: 620 }),
    y: fc.integer({ min: -50, max: 440 }),
    width: fc.integer({ min: 1, max: 160 }),
    height: fc.integer({ min: 1, max: 40 }),
});

describe('words at places', () => {
    it('never overlap, never leave the drawing, never cover what must stay free', () => {
        fc.assert(
            fc.property(fc.array(fc.array(box, { maxLength: 5 }), { maxLength: 30 }), fc.array(box), (all, free) => {
                const wanted = all.map((places, i) => ({ id: String(i), places }));
                const placed = [...place(wanted, room, free).values()];
                placed.forEach((a, i) => {
                    expect(within(a, room)).toBe(true);
                    expect(placed.slice(i + 1).some((b) => overlap(a, b))).toBe(false);
                    expect(free.some((f) => overlap(a, f))).toBe(false);
                });
            }),
        );
    });
    it('are left out only where every place is taken', () => {
        fc.assert(
            fc.property(fc.array(fc.array(box, { minLength: 1, maxLength: 4 }), { maxLength: 25 }), (all) => {
                const wanted = all.map((places, i) => ({ id: String(i), places }));
                const placed = place(wanted, room);
                for (const w of wanted.filter((one) => !placed.has(one.id))) {
                    const stands = [...placed.values()];
                    expect(w.places.every((p) => !within(p, room) || stands.some((s) => overlap(s, p)))).toBe(true);
                }
            }),
        );
    });
});

const columns = {
    left: { x: 8, y: 8, width: 170, height: 370 },
    right: { x: 420, y: 64, width: 170, height: 340 },
};
const labelled: fc.Arbitrary<Labelled[]> = fc
    .array(
        fc.record({
            at: fc.record({ x: fc.integer({ min: 200, max: 400 }), y: fc.integer({ min: 10, max: 410 }) }),
            width: fc.integer({ min: 20, max: 200 }),
            height: fc.constantFrom(22, 40, 58),
            weight: fc.integer({ min: 0, max: 4 }),
        }),
        { maxLength: 24 },
    )
    .map((all) => all.map((l, i) => ({ ...l, id: String(i) })));

describe('words in columns', () => {
    it('stand clear of one another, within their column, and no two lines cross', () => {
        fc.assert(
            fc.property(labelled, (labels) => {
                const { placed, listed } = layOut(labels, columns, 300);
                expect([...placed.map((p) => p.id), ...listed].sort()).toEqual(labels.map((l) => l.id).sort());
                const boxes = placed.map((p) => {
                    const label = labels.find((l) => l.id === p.id);
                    const column = columns[p.side];
                    return { x: column.x, y: p.y, width: label?.width ?? 0, height: label?.height ?? 0, side: p.side };
                });
                boxes.forEach((a, i) => {
                    expect(within(a, columns[a.side])).toBe(true);
                    expect(boxes.slice(i + 1).some((b) => overlap(a, b))).toBe(false);
                });
                placed.forEach((a, i) => {
                    expect(placed.slice(i + 1).some((b) => cross(a, b))).toBe(false);
                });
            }),
            { numRuns: 400 },
        );
    });
    it('all stand beside the drawing where there is room for all', () => {
        const seven = Array.from({ length: 7 }, (_, i) => ({
            id: String(i),
            at: { x: i % 2 === 0 ? 250 : 350, y: 20 + 55 * i },
            width: 120,
            height: 40,
            weight: 1,
        }));
        expect(layOut(seven, columns, 300).listed).toEqual([]);
    });
    it('go into the list by their weight where there is none', () => {
        const twenty = Array.from({ length: 20 }, (_, i) => ({
            id: String(i),
            at: { x: 300, y: 200 },
            width: 120,
            height: 40,
            weight: i < 3 ? 4 : 0,
        }));
        const { placed, listed } = layOut(twenty, columns, 300);
        expect(placed.map((p) => p.id)).toEqual(expect.arrayContaining(['0', '1', '2']));
        expect(listed.length).toBe(20 - placed.length);
        const narrow = { left: { ...columns.left, width: 40 }, right: { ...columns.right, width: 40 } };
        expect(layOut(twenty, narrow, 300).placed).toEqual([]);
    });
});

describe('words in lines', () => {
    it('take no more lines and no more width than they may', () => {
        const words = fc.array(fc.string({ minLength: 1, maxLength: 14, unit: 'grapheme-ascii' }), { minLength: 1 });
        fc.assert(
            fc.property(
                words,
                fc.integer({ min: 60, max: 300 }),
                fc.integer({ min: 1, max: 3 }),
                (all, width, lines) => {
                    const rows = wrapped(all.join(' '), 16, true, width, lines);
                    expect(rows.length).toBeLessThanOrEqual(lines);
                    for (const row of rows) {
                        expect(widthOf(row, 16, true)).toBeLessThanOrEqual(Math.max(width, 4 * 16 * 0.6));
                    }
                },
            ),
        );
    });
    it('are cut with dots', () => {
        expect(wrapped('Display and touch flexes', 16, false, 110, 2)).toEqual(['Display and', 'touch flexes']);
        expect(wrapped('Display and touch flexes', 16, false, 110, 1)).toEqual(['Display and…']);
    });
});
