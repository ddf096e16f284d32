import type { Box } from '../geometry';

/** Words that may stand at several places, the best first. */
export interface Wanted {
    id: string;
    places: readonly Box[];
}

export const overlap = (a: Box, b: Box): boolean =>
    a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

export const within = (a: Box, room: Box): boolean =>
    a.x >= room.x && a.y >= room.y && a.x + a.width <= room.x + room.width && a.y + a.height <= room.y + room.height;

/**
 * Each where it stands clear of all before it and of what must stay free, and within the room; those for which there is
 * no such place are left out. The more important comes first.
 */
export function place(wanted: readonly Wanted[], room: Box, free: readonly Box[] = []): Map<string, Box> {
    const taken = [...free];
    const placed = new Map<string, Box>();
    for (const { id, places } of wanted) {
        const found = places.find((p) => within(p, room) && !taken.some((t) => overlap(t, p)));
        if (found) {
            taken.push(found);
            placed.set(id, found);
        }
    }
    return placed;
}
