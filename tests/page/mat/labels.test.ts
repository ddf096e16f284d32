import { describe, expect, it } from 'vitest';
import type { Mark } from '../../../resources/js/mat/mark';
import { labelling } from '../../../resources/js/mat/Labels';
import { viewOf } from '../../../resources/js/mat/view';

const phone = { width: 72, height: 150 };

/** Marks all over the phone, too many for the columns beside it. */
const marks = (count: number): Mark[] =>
    Array.from({ length: count }, (_, i) => ({
        id: `mark ${i}`,
        tone: 'plain',
        label: `Mark number ${i}`,
        dots: [{ x: 4 + 13 * (i % 6), y: 5 + 14 * Math.floor(i / 6) }],
    }));

describe('words beside the phone', () => {
    it.each([
        [1, 600],
        [7, 600],
        [60, 600],
        [60, 380],
    ])('%i marks at %i px: each stands beside it or in the list, with a letter that no other has', (count, width) => {
        const size = { width, height: 700 };
        const all = labelling(marks(count), 'front', phone, size, viewOf(size, phone, true, 1, null));
        expect(all.layout.placed.length + all.layout.listed.length).toBe(count);
        const letters = [...all.letters.values()].map((l) => l.letter);
        expect(new Set(letters).size).toBe(letters.length);
        // What stands in the list is found on the drawing.
        expect(letters.length).toBe(all.layout.listed.length);
        expect(all.layout.listed.length > 26).toBe(count > 40);
    });
});
