import { seen, type Face, type Point } from './geometry';
import type { Mark } from './mark';
import type { Size } from './useSize';
import { toPx, type View } from './view';
import { place } from './words/place';

/** px of a dot that carries a number, and of the number */
export const DOT = 24;
export const NUMBER = 15;

/** Names of the dot of a mark. */
export const dotId = (mark: string, i: number): string => `${mark} ${i}`;

/**
 * Where the numbers of dots stand, px: on their place, or stepped aside; what finds no place is only a dot. What is to
 * be done now comes first. Where dots are taken hold of, none steps aside.
 */
export function numbersOf(
    marks: readonly Mark[],
    face: Face,
    phone: Size,
    size: Size,
    view: View,
    aside = true,
): Map<string, Point> {
    const dots = [...marks]
        .sort((a, b) => Number(b.tone === 'now') - Number(a.tone === 'now'))
        .flatMap((m) => (m.dots ?? []).map((d, i) => ({ id: dotId(m.id, i), d })))
        .filter(({ d }) => d.text !== undefined);
    const steps = (aside ? [0, 1, 2] : [0]).flatMap((r) =>
        r === 0 ? [{ x: 0, y: 0 }] : [0, 1, 2, 3, 4, 5, 6, 7].map((k) => turned(r, (k * Math.PI) / 4)),
    );
    const boxes = place(
        dots.map(({ id, d }) => {
            const at = toPx(seen(d, face, phone.width), view);
            return {
                id,
                places: steps.map((s) => ({
                    x: at.x - DOT / 2 + s.x * DOT,
                    y: at.y - DOT / 2 + s.y * DOT,
                    width: DOT,
                    height: DOT,
                })),
            };
        }),
        { x: 0, y: 0, ...size },
    );
    return new Map([...boxes].map(([id, b]) => [id, { x: b.x + DOT / 2, y: b.y + DOT / 2 }]));
}

const turned = (r: number, angle: number): Point => ({ x: r * Math.cos(angle), y: r * Math.sin(angle) });
