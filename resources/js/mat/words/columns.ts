import type { Box, Point } from '../geometry';

/** Words that stand in a column beside the drawing, with a line to their place on it. */
export interface Labelled {
    id: string;
    at: Point;
    /** px that its words take */
    width: number;
    height: number;
    /** The more, the sooner it gets a place. */
    weight: number;
}

export type ColumnSide = 'left' | 'right';

export interface InColumn {
    id: string;
    side: ColumnSide;
    /** Upper end of its words. */
    y: number;
    /** The line from its place to its words. */
    from: Point;
    to: Point;
}

export interface Layout {
    placed: InColumn[];
    /** What found no place: it goes into the list beside. */
    listed: string[];
}

type Columns = Record<ColumnSide, Box>;

const GAP = 6;

/**
 * Greedy: each to the side that it is nearer to, else to the other, else into the list; in a column in the order of
 * their places, and so that no two lines cross.
 */
export function layOut(labels: readonly Labelled[], columns: Columns, middle: number): Layout {
    const held: Record<ColumnSide, Labelled[]> = { left: [], right: [] };
    const listed: string[] = [];
    const fits = (l: Labelled, side: ColumnSide): boolean =>
        l.width <= columns[side].width &&
        held[side].reduce((sum, h) => sum + h.height + GAP, l.height) <= columns[side].height;
    for (const l of [...labels].sort((a, b) => b.weight - a.weight)) {
        const near: ColumnSide = l.at.x < middle ? 'left' : 'right';
        const side = [near, near === 'left' ? ('right' as const) : ('left' as const)].find((s) => fits(l, s));
        if (side) {
            held[side].push(l);
        } else {
            listed.push(l.id);
        }
    }
    for (;;) {
        const placed = [...stacked(held.left, 'left', columns.left), ...stacked(held.right, 'right', columns.right)];
        const crossing = firstCrossing(placed);
        if (crossing === null) {
            return { placed, listed };
        }
        const weight = (id: string): number => labels.find((l) => l.id === id)?.weight ?? 0;
        const out = weight(crossing[0]) < weight(crossing[1]) ? crossing[0] : crossing[1];
        listed.push(out);
        held.left = held.left.filter((l) => l.id !== out);
        held.right = held.right.filter((l) => l.id !== out);
    }
}

/** One below the other, as near to the height of their places as can be; lines that cross change places. */
function stacked(labels: readonly Labelled[], side: ColumnSide, column: Box): InColumn[] {
    const order = [...labels].sort((a, b) => a.at.y - b.at.y);
    // Each change makes the lines shorter together; as many as there are pairs are enough.
    for (let changes = labels.length ** 2; changes > 0; --changes) {
        const rows = inOrder(order, side, column);
        const i = rows.findIndex((r, k) => {
            const below = rows[k + 1];
            return below !== undefined && cross(r, below);
        });
        const [a, b] = [order[i], order[i + 1]];
        if (!a || !b) {
            return rows;
        }
        order[i] = b;
        order[i + 1] = a;
    }
    return inOrder(order, side, column);
}

function inOrder(order: readonly Labelled[], side: ColumnSide, column: Box): InColumn[] {
    const ys: number[] = [];
    let least = column.y;
    for (const l of order) {
        const y = Math.max(least, l.at.y - l.height / 2);
        ys.push(y);
        least = y + l.height + GAP;
    }
    let most = column.y + column.height;
    for (let i = order.length - 1; i >= 0; --i) {
        const height = order[i]?.height ?? 0;
        ys[i] = Math.min(ys[i] ?? 0, most - height);
        most = (ys[i] ?? 0) - GAP;
    }
    const x = side === 'left' ? column.x + column.width : column.x;
    return order.map((l, i) => ({
        id: l.id,
        side,
        y: ys[i] ?? column.y,
        from: l.at,
        to: { x, y: (ys[i] ?? column.y) + Math.min(l.height / 2, 11) },
    }));
}

function firstCrossing(placed: readonly InColumn[]): [string, string] | null {
    for (const [i, a] of placed.entries()) {
        for (const b of placed.slice(i + 1)) {
            if (cross(a, b)) {
                return [a.id, b.id];
            }
        }
    }
    return null;
}

/** True if two lines cross between their ends; those that only begin at one place do not. */
export function cross(a: Pick<InColumn, 'from' | 'to'>, b: Pick<InColumn, 'from' | 'to'>): boolean {
    const turn = (p: Point, q: Point, r: Point): number =>
        Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
    return (
        turn(a.from, a.to, b.from) * turn(a.from, a.to, b.to) < 0 &&
        turn(b.from, b.to, a.from) * turn(b.from, b.to, a.to) < 0
    );
}
