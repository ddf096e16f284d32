import type { PhoneFile } from '../../api/client';
import { elementsOf, freeId, GROUPS, nameOf, type Element, type Group } from './elements';
import type { Field } from './field';
import { FIELDS } from './fields';
import { SHEET_FIELDS } from './sheetFields';

/** An id as a file may have it: letters and digits of a name. */
export const slug = (name: string): string =>
    name
        .normalize('NFKD')
        .toLowerCase()
        .replace(/[\u0300-\u036f]/g, '')
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-+|-+$/g, '')
        .slice(0, 40);

const MADE = /^new-/;
const NAMING = ['after', 'holds', 'joins', 'carriedBy', 'replaces', 'brings', 'lacks'] as const;

/**
 * The file with an element as it was filled in. As long as its id is the one that it was made with, it is named after
 * what the element is called, everywhere it is spoken of; an id that has been kept stays.
 */
export function named(file: PhoneFile, group: Group, index: number, element: Element): PhoneFile {
    const put: PhoneFile = {
        ...file,
        [group]: elementsOf(file, group).map((e, i) => (i === index ? element : e)),
    };
    const wish = slug(nameOf(element));
    if (!MADE.test(element.id) || wish === '' || MADE.test(wish)) {
        return put;
    }
    const id = freeId(put, wish);
    const swap = (value: unknown): unknown =>
        Array.isArray(value) ? value.map(swap) : value === element.id ? id : value;
    const renamed = (e: Element): Element => ({
        ...e,
        id: e.id === element.id ? id : e.id,
        ...Object.fromEntries(NAMING.filter((k) => k in e).map((k) => [k, swap(e[k])])),
    });
    return Object.fromEntries(
        Object.entries(put).map(([key, value]) => [
            key,
            (GROUPS as readonly string[]).includes(key) ? (value as Element[]).map(renamed) : value,
        ]),
    ) as unknown as PhoneFile;
}

/** What a fault is about, as people call it: the element and the figure, never a path. */
export function placeOfFault(file: PhoneFile, path: string): string {
    const [, head = '', at, rest = ''] = /^(\w+)(?:\[(\d+)\])?\.?(.*)$/.exec(path) ?? [];
    const isGroup = (GROUPS as readonly string[]).includes(head);
    const element = isGroup ? elementsOf(file, head as Group)[Number(at ?? 0)] : undefined;
    const fields: readonly Field[] = isGroup
        ? FIELDS[head as Group]
        : head in SHEET_FIELDS
          ? SHEET_FIELDS[head as keyof typeof SHEET_FIELDS]
          : [];
    const key = rest.replace(/\[\d+\].*$/, '');
    const label = fields.find((f) => f.key === key)?.label.replace(/,? mm$| \(.*\)$/, '') ?? '';
    return [element ? nameOf(element) : '', label].filter((w) => w !== '').join(', ');
}

/** The reason of a fault with the names of things instead of their ids. */
export function inNames(file: PhoneFile, reason: string): string {
    const names = new Map(GROUPS.flatMap((g) => elementsOf(file, g)).map((e) => [e.id, nameOf(e)]));
    return reason.replace(/"?\b([a-z0-9]+(?:-[a-z0-9]+)*)\b"?/g, (whole, id: string) => names.get(id) ?? whole);
}
