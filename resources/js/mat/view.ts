import type { Box, Point } from './geometry';
import type { Size } from './useSize';

/** How the phone lies in its box: px per mm, and where its upper left corner lies. */
export interface View {
    scale: number;
    x: number;
    y: number;
}

/** px over the phone, and under it, where the scale stands. */
const OVER = 14;
const UNDER = 36;
/** px beside it: for words where there is room for words at all, else as little as can be. */
const BESIDE_WORDS = 150;
const BESIDE = 12;
/** Narrower than this words stand in the list under the drawing. */
const ROOM_FOR_WORDS = 470;

/** The whole phone in the middle, or so many times nearer with a place of it in the middle. */
export function viewOf(size: Size, phone: Size, words: boolean, zoom: number, middle: Point | null): View {
    const beside = words && size.width >= ROOM_FOR_WORDS ? BESIDE_WORDS : BESIDE;
    const whole = Math.max(
        0.1,
        Math.min((size.height - OVER - UNDER) / phone.height, (size.width - 2 * beside) / phone.width),
    );
    const scale = whole * zoom;
    const centre = zoom > 1 && middle !== null ? middle : { x: phone.width / 2, y: phone.height / 2 };
    return {
        scale,
        x: size.width / 2 - scale * centre.x,
        y: (zoom > 1 ? size.height / 2 : OVER + (size.height - OVER - UNDER) / 2) - scale * centre.y,
    };
}

export const toPx = (p: Point, v: View): Point => ({ x: v.x + v.scale * p.x, y: v.y + v.scale * p.y });

export const toMm = (p: Point, v: View): Point => ({ x: (p.x - v.x) / v.scale, y: (p.y - v.y) / v.scale });

/** px between the phone and the words beside it, and between them and the edge. */
const APART = 14;
const EDGE = 8;
const WIDEST = 230;
/** Over a phone that is seen nearer than whole words stand at the edges. */
const OVER_IT = 150;
/** Beside a whole phone there is as much room as this. */
const LEAST = BESIDE_WORDS - APART - EDGE - 1;

/** Where words may stand: beside the phone, clear of the buttons at the upper right and the scale at the lower left. */
export function columnsOf(size: Size, phone: Size, v: View): { left: Box; right: Box } {
    const left = v.x - APART - EDGE;
    const right = size.width - EDGE - (v.x + v.scale * phone.width + APART);
    const wide = (room: number): number => {
        if (size.width < ROOM_FOR_WORDS) {
            return 0;
        }
        return room >= LEAST ? Math.min(WIDEST, room) : OVER_IT;
    };
    const [l, r] = [wide(left), wide(right)];
    return {
        left: { x: left >= l ? EDGE + left - l : EDGE, y: EDGE, width: l, height: size.height - EDGE - UNDER },
        right: {
            x: right >= r ? size.width - EDGE - right : size.width - EDGE - r,
            y: 64,
            width: r,
            height: size.height - 64 - EDGE,
        },
    };
}
