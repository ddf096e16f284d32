import { slate } from '../theme/tokens';
import { hull, type Box as Area, type Point } from './geometry';

export type Tone = 'now' | 'done' | 'stop' | 'cold' | 'plain';

/** One thing marked on the drawing, in front coordinates, with its words. */
export interface Mark {
    id: string;
    tone: Tone;
    label?: string;
    detail?: string;
    lines?: Point[][];
    boxes?: (Area & { round?: boolean })[];
    dots?: (Point & { text?: string })[];
    /** Closed shapes, corner by corner. */
    shapes?: Point[][];
    /** Rounded rectangles, drawn as a line of the mark's width. */
    rounds?: (Area & { radius: number })[];
    picks?: Point[];
    hatched?: boolean;
    dashed?: boolean;
    width?: number;
    /** How much of it is seen, 0 to 1: what is wide lets the drawing under it through. */
    see?: number;
}

export const colour: Record<Tone, string> = {
    now: slate.now,
    done: slate.done,
    stop: slate.stop,
    cold: slate.cold,
    plain: slate.line,
};

/** Where on the phone a mark's words point to, in front coordinates. */
export function anchorOf(m: Mark): Point {
    if (m.lines?.[0]) {
        return m.lines[0][Math.floor(m.lines[0].length / 2)] ?? { x: 0, y: 0 };
    }
    if (m.shapes?.[0]) {
        return hull(m.shapes[0]);
    }
    if (m.rounds?.[0]) {
        return { x: m.rounds[0].x, y: m.rounds[0].y + m.rounds[0].height / 2 };
    }
    const points = [
        ...(m.dots ?? []),
        ...(m.boxes ?? []).map((b) => ({ x: b.x + b.width / 2, y: b.y + b.height / 2 })),
    ];
    return hull(points);
}
