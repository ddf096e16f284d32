import type { PhoneFile } from '../../api/client';
import type { Point } from '../../mat/geometry';

export const GROUPS = ['openings', 'flexZones', 'parts', 'fasteners', 'connectors', 'bonds', 'replacements'] as const;
export type Group = (typeof GROUPS)[number];
export const SHEETS = ['identity', 'body', 'ledge', 'panel'] as const;
export type Sheet = (typeof SHEETS)[number];

/** What can be taken off or out of the phone. */
export const REMOVABLE = ['parts', 'fasteners', 'connectors', 'bonds'] as const satisfies readonly Group[];

/** What is worked on: a sheet of figures, the stacks, or one element of a group. */
export type Selected = { sheet: Sheet | 'stacks' } | { group: Group; index: number };

export type Element = Record<string, unknown> & { id: string };

/** A sheet of figures as the form shows it: how the phone opens stands with who it is. */
export const sheetOf = (file: PhoneFile, sheet: Sheet): Record<string, unknown> =>
    sheet === 'identity' ? { ...file.identity, family: file.family } : file[sheet];

export function withSheet(file: PhoneFile, sheet: Sheet, value: Record<string, unknown>): PhoneFile {
    if (sheet !== 'identity') {
        return { ...file, [sheet]: value };
    }
    const { family, ...identity } = value;
    return { ...file, identity: identity as PhoneFile['identity'], family: family as PhoneFile['family'] };
}

export const elementsOf = (file: PhoneFile, group: Group): Element[] => file[group] ?? [];

export const withElements = (file: PhoneFile, group: Group, elements: Element[]): PhoneFile => ({
    ...file,
    [group]: elements,
});

export function withElement(file: PhoneFile, group: Group, index: number, element: Element): PhoneFile {
    return withElements(
        file,
        group,
        elementsOf(file, group).map((e, i) => (i === index ? element : e)),
    );
}

/** An id that nothing in the file has yet. */
export function freeId(file: PhoneFile, wish: string): string {
    const taken = new Set(GROUPS.flatMap((g) => elementsOf(file, g).map((e) => e.id)));
    let id = wish;
    for (let n = 2; taken.has(id); n++) {
        id = `${wish}-${n}`;
    }
    return id;
}

export const nameOf = (e: Element): string => (typeof e['name'] === 'string' ? e['name'] : e.id);

const tenth = (mm: number): number => Math.round(10 * mm) / 10;

/** The element under a point: the smallest that holds it, screws and connectors before parts. */
export function hit(
    file: PhoneFile,
    face: 'front' | 'back',
    p: Point,
): { group: Group; index: number; place?: number } | null {
    let best: { group: Group; index: number; place?: number; size: number } | null = null;
    const offer = (found: { group: Group; index: number; place?: number; size: number }) => {
        if (best === null || found.size < best.size) {
            best = found;
        }
    };
    for (const group of ['fasteners', 'connectors', 'openings', 'flexZones', 'parts'] as const) {
        elementsOf(file, group).forEach((e, index) => {
            const on = group === 'openings' ? 'front' : e['face'];
            if (on !== face) {
                return;
            }
            if (group === 'fasteners') {
                ((e['places'] ?? []) as Point[]).forEach(
                    (at, place) => Math.hypot(at.x - p.x, at.y - p.y) <= 3 && offer({ group, index, place, size: 1 }),
                );
                return;
            }
            const [w, h] = group === 'connectors' ? [8, 4] : [Number(e['width']), Number(e['height'])];
            if (Math.abs(Number(e['x']) - p.x) <= w / 2 && Math.abs(Number(e['y']) - p.y) <= h / 2) {
                offer({ group, index, size: group === 'connectors' ? 2 : w * h });
            }
        });
    }
    return best;
}

/** The file with an element, or one screw of a group, moved. */
export function moved(file: PhoneFile, at: { group: Group; index: number; place?: number }, by: Point): PhoneFile {
    const element = elementsOf(file, at.group)[at.index];
    if (!element) {
        return file;
    }
    if (at.group === 'fasteners') {
        const places = (element['places'] as Point[]).map((q, i) =>
            at.place === undefined || i === at.place ? { x: tenth(q.x + by.x), y: tenth(q.y + by.y) } : q,
        );
        return withElement(file, at.group, at.index, { ...element, places });
    }
    return 'x' in element
        ? withElement(file, at.group, at.index, {
              ...element,
              x: tenth(Number(element['x']) + by.x),
              y: tenth(Number(element['y']) + by.y),
          })
        : file;
}

/** Which element a fault's path is about. */
export function selectedBy(path: string): Selected | null {
    const found = /^(\w+)(?:\[(\d+)\])?/.exec(path);
    const name = found?.[1] ?? '';
    if ((GROUPS as readonly string[]).includes(name)) {
        return { group: name as Group, index: Number(found?.[2] ?? 0) };
    }
    if (name === 'family') {
        return { sheet: 'identity' };
    }
    return [...SHEETS, 'stacks'].includes(name) ? { sheet: name as Sheet | 'stacks' } : null;
}
