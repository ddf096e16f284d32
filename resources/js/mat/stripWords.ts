import type { Box } from './geometry';
import { widthOf } from './words/measure';
import { place } from './words/place';

export type Anchor = 'start' | 'end';

/** Words of the strip that may stand at several places, the best first: each a baseline with its anchor. */
export interface StripWord {
    id: string;
    text: string;
    size: number;
    bold?: boolean;
    fill: string;
    at: readonly { x: number; y: number; anchor: Anchor }[];
}

export interface PlacedWord extends Omit<StripWord, 'at'> {
    x: number;
    y: number;
    anchor: Anchor;
}

const boxOf = (w: StripWord, p: StripWord['at'][number]): Box => {
    const width = widthOf(w.text, w.size, w.bold);
    return { x: p.anchor === 'start' ? p.x : p.x - width, y: p.y - w.size, width, height: w.size * 1.25 };
};

/** The words that find a place, the more important first: none over another, none outside. */
export function placeWords(words: readonly StripWord[], room: Box): PlacedWord[] {
    const boxes = place(
        words.map((w) => ({ id: w.id, places: w.at.map((p) => boxOf(w, p)) })),
        room,
    );
    return words.flatMap(({ at, ...w }) => {
        const box = boxes.get(w.id);
        const p = box && at.find((one) => sameBox(boxOf({ at, ...w }, one), box));
        return p ? [{ ...w, ...p }] : [];
    });
}

const sameBox = (a: Box, b: Box): boolean => a.x === b.x && a.y === b.y;

/** Beside a point, in the order in which it is tried: to the right over and under it, then to the left. */
export const beside = (x: number, y: number, over: boolean): StripWord['at'] => {
    const rows = over ? [y - 8, y + 20, y - 28, y + 40] : [y + 20, y - 8, y + 40, y - 28];
    return [
        ...rows.map((row) => ({ x: x + 8, y: row, anchor: 'start' as const })),
        ...rows.map((row) => ({ x: x - 8, y: row, anchor: 'end' as const })),
    ];
};
