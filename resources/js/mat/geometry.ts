import type { PhoneFile } from '../api/client';

export interface Point {
    x: number;
    y: number;
}
export interface Box {
    x: number;
    y: number;
    width: number;
    height: number;
}
export type Side = 'top' | 'right' | 'bottom' | 'left';
export type Face = 'front' | 'back';

export interface Rounded extends Box {
    radius: number;
}

export const outlineOf = (phone: PhoneFile): Rounded => ({
    x: 0,
    y: 0,
    width: phone.body.width,
    height: phone.body.height,
    radius: phone.body.cornerRadius,
});

export function glassOf(phone: PhoneFile): Rounded {
    const i = phone.body.glassInset;
    return {
        x: i,
        y: i,
        width: phone.body.width - 2 * i,
        height: phone.body.height - 2 * i,
        radius: Math.max(0, phone.body.cornerRadius - i),
    };
}

/** Parts and zones are given by their centre. */
export const boxAround = (item: Box): Box => ({
    x: item.x - item.width / 2,
    y: item.y - item.height / 2,
    width: item.width,
    height: item.height,
});

/** A point on a side, so many mm from the side's left or top end; bends with the corners. */
export function pointOn(shape: Rounded, side: Side, along: number): Point {
    const { x, y, width, height, radius: r } = shape;
    const bend = (length: number): number => {
        const into = Math.min(r, Math.max(r - along, along - (length - r), 0));
        return r - Math.sqrt(Math.max(0, r * r - into * into));
    };
    switch (side) {
        case 'top':
            return { x: x + along, y: y + bend(width) };
        case 'bottom':
            return { x: x + along, y: y + height - bend(width) };
        case 'left':
            return { x: x + bend(height), y: y + along };
        case 'right':
            return { x: x + width - bend(height), y: y + along };
    }
}

/** A line along a side; of each corner a side has its own half. */
export function along(shape: Rounded, side: Side, from: number, to: number): Point[] {
    const length = side === 'top' || side === 'bottom' ? shape.width : shape.height;
    const half = shape.radius * (1 - Math.SQRT1_2);
    const a = Math.max(half, Math.min(from, length - half));
    const b = Math.max(half, Math.min(to, length - half));
    const count = Math.max(2, Math.ceil(b - a));
    return Array.from({ length: count + 1 }, (_, i) => pointOn(shape, side, a + ((b - a) * i) / count));
}

/** The phone turned over: left becomes right, as the technician sees its back. */
export const seen = (point: Point, face: Face, width: number): Point =>
    face === 'front' ? point : { x: width - point.x, y: point.y };

export const seenBox = (box: Box, face: Face, width: number): Box =>
    face === 'front' ? box : { ...box, x: width - box.x - box.width };

export const line = (points: Point[]): string =>
    points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join(' ');

export function hull(points: Point[]): Point {
    const n = points.length === 0 ? 1 : points.length;
    return { x: points.reduce((s, p) => s + p.x, 0) / n, y: points.reduce((s, p) => s + p.y, 0) / n };
}

/** What a rectangle's element takes of an area that has more. */
export const box = (b: Box) => ({ x: b.x, y: b.y, width: b.width, height: b.height });
