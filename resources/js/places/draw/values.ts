import type { Point } from '../../mat/geometry';
import type { Field } from './fields';

type Tree = Record<string, unknown>;
interface Stretch {
    id: string;
    side: string;
    from: number;
    to: number;
    depth: number;
    forbidden?: boolean;
    behind?: string;
}

export function valueAt(tree: Tree, key: string): unknown {
    return key.split('.').reduce<unknown>((at, k) => (at !== null && typeof at === 'object' ? (at as Tree)[k] : undefined), tree);
}

/** The tree with a value put at a path; undefined takes it out, and an inner part that is left empty goes with it. */
export function withValue(tree: Tree, key: string, value: unknown): Tree {
    const [head = '', ...rest] = key.split('.');
    const { [head]: old, ...others } = tree;
    if (rest.length > 0) {
        const inner = withValue((old ?? {}) as Tree, rest.join('.'), value);
        return Object.keys(inner).length === 0 ? others : { ...tree, [head]: inner };
    }
    return value === undefined ? others : { ...tree, [head]: value };
}

/** A value as it stands in the form. */
export function shown(field: Field, value: unknown): string {
    if (value === undefined || value === null) {
        return '';
    }
    switch (field.kind) {
        case 'list':
            return (value as string[]).join(', ');
        case 'clauses':
            return (value as (string | string[])[]).map((c) => (Array.isArray(c) ? c.join('|') : c)).join(', ');
        case 'places':
            return (value as Point[]).map((p) => `${p.x} ${p.y}`).join('; ');
        case 'codes':
            return (value as { code: string; region: string }[]).map((c) => `${c.code} ${c.region}`).join('; ');
        case 'stretches':
            return (value as Stretch[]).map((s) => [s.side, s.from, s.to, s.forbidden ? 'no' : s.depth, s.behind ?? ''].join(' ').trim()).join('\n');
        default:
            return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean' ? String(value) : JSON.stringify(value);
    }
}

const words = (text: string): string[] =>
    text
        .split(',')
        .map((w) => w.trim())
        .filter((w) => w !== '');

/** A number with a point or a comma; what is none stays text, and the check names it. */
export const figure = (text: string): number | string => (/^-?\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : text);

/** What the form says, as the file wants it; undefined if it is left out. */
export function read(field: Field, text: string): unknown {
    if (text.trim() === '' && field.optional) {
        return undefined;
    }
    switch (field.kind) {
        case 'number':
            return figure(text);
        case 'flag':
            return text === 'true';
        case 'list':
            return words(text);
        case 'clauses':
            return words(text).map((w) => (w.includes('|') ? w.split('|').map((x) => x.trim()) : w));
        case 'places':
            return text
                .split(';')
                .map((p) => p.trim().split(/\s+/))
                .filter((p) => p[0] !== '')
                .map(([x = '', y = '']) => ({ x: figure(x), y: figure(y) }));
        case 'codes':
            return text
                .split(';')
                .map((c) => c.trim())
                .filter((c) => c !== '')
                .map((c) => ({ code: c.split(/\s+/)[0] ?? '', region: c.split(/\s+/).slice(1).join(' ') }));
        case 'stretches':
            return text
                .split('\n')
                .map((l) => l.trim())
                .filter((l) => l !== '')
                .map((l, i) => stretch(l, i));
        default:
            return text;
    }
}

function stretch(line: string, i: number): Record<string, unknown> {
    const [side = '', from = '', to = '', depth = '', ...behind] = line.split(/\s+/);
    const no = depth === 'no';
    return {
        id: `${side}-${i + 1}`,
        side,
        from: figure(from),
        to: figure(to),
        depth: no ? 0 : figure(depth),
        ...(no ? { forbidden: true } : {}),
        ...(behind.length > 0 ? { behind: behind.join(' ') } : {}),
    };
}
