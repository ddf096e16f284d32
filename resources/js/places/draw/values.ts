import type { Point } from '../../mat/geometry';
import type { Field } from './field';

type Tree = Record<string, unknown>;
interface Stretch {
    id: string;
    side: string;
    from: number;
    to: number;
    depth: number;
    forbidden?: boolean;
    behind?: string;
    over?: string;
}
interface Code {
    code: string;
    region: string;
    connectorCode?: string;
}

export function valueAt(tree: Tree, key: string): unknown {
    return key
        .split('.')
        .reduce<unknown>((at, k) => (at !== null && typeof at === 'object' ? (at as Tree)[k] : undefined), tree);
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
        case 'several':
        case 'pair':
            return (value as string[]).join(', ');
        case 'clauses':
            return (value as (string | string[])[]).map((c) => (Array.isArray(c) ? c.join('|') : c)).join(', ');
        case 'places':
            return (value as Point[]).map((p) => `${p.x} ${p.y}`).join('; ');
        case 'codes':
            return (value as Code[])
                .map((c) => `${c.code} ${c.region}${c.connectorCode ? ` (${c.connectorCode})` : ''}`)
                .join('; ');
        case 'stretches':
            return (value as Stretch[]).map(stretchLine).join('\n');
        case 'rows':
            return (value as Tree[]).map((row) => (field.columns ?? []).map((c) => row[c]).join(' ')).join('; ');
        default:
            return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
                ? String(value)
                : JSON.stringify(value);
    }
}

const stretchLine = (s: Stretch): string =>
    [
        s.side,
        s.from,
        s.to,
        s.forbidden ? 'no' : s.depth,
        ...(s.behind ? [s.behind] : []),
        ...(s.over ? [`over: ${s.over}`] : []),
    ].join(' ');

const words = (text: string): string[] =>
    text
        .split(',')
        .map((w) => w.trim())
        .filter((w) => w !== '');

/** A number with a point or a comma; what is none stays text, and the check names it. */
export const figure = (text: string): number | string =>
    /^-?\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : text;

/** What the form says, as the file wants it; undefined if it is left out. Stretches that stay keep the ids they had. */
export function read(field: Field, text: string, old?: unknown): unknown {
    if (text.trim() === '' && field.optional) {
        return undefined;
    }
    switch (field.kind) {
        case 'number':
            return figure(text);
        case 'flag':
            return text === 'true';
        case 'list':
        case 'several':
        case 'pair':
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
                .map(modelCode);
        case 'stretches':
            return text
                .split('\n')
                .map((l) => l.trim())
                .filter((l) => l !== '')
                .reduce<Stretch[]>(
                    (all, l) => [...all, stretch(l, Array.isArray(old) ? (old as Stretch[]) : [], all)],
                    [],
                );
        case 'rows':
            return text
                .split(';')
                .map((r) => r.trim())
                .filter((r) => r !== '')
                .map((r, i) => row(field, r, Array.isArray(old) ? (old[i] as Tree | undefined) : undefined, i));
        default:
            return text;
    }
}

/** A row such as `34 92 36 6 Pad in the middle`. A row that is changed keeps its id. */
function row(field: Field, text: string, old: Tree | undefined, index: number): Tree {
    const columns = field.columns ?? [];
    const said = text.split(/\s+/);
    const tree = Object.fromEntries(
        columns.map((c, i) => [
            c,
            c === 'name' ? said.slice(i).join(' ') : c === 'side' ? (said[i] ?? '') : figure(said[i] ?? ''),
        ]),
    );
    return field.rowsAre ? { id: old?.['id'] ?? `${field.rowsAre}-${index + 1}`, ...tree } : tree;
}

function modelCode(text: string): Code {
    const [, code = '', region = '', connectorCode] = /^(\S+)\s*(.*?)(?:\s*\(([^)]*)\))?$/.exec(text) ?? [];
    return { code, region, ...(connectorCode === undefined ? {} : { connectorCode }) };
}

/** A line such as `top 26 50 2 front camera flex over: speaker grille`; `no` for a depth: not cut. */
function stretch(line: string, old: readonly Stretch[], above: readonly Stretch[]): Stretch {
    const [, place = '', over] = /^(.*?)(?:\s*over:\s*(.*))?$/.exec(line) ?? [];
    const [side = '', from = '', to = '', depth = '', ...behind] = place.trim().split(/\s+/);
    const no = depth === 'no';
    const taken = above.map((s) => s.id);
    // The first of the same side that no line above has: an edited stretch stays the same stretch.
    const was = old.find((s) => s.side === side && !taken.includes(s.id));
    const ids = [...taken, ...old.map((s) => s.id)];
    let id = `${side}-${above.length + 1}`;
    for (let n = above.length + 2; ids.includes(id); n++) {
        id = `${side}-${n}`;
    }
    return {
        id: was?.id ?? id,
        side,
        // What is no number stays as it was typed: the check names it.
        from: figure(from) as number,
        to: figure(to) as number,
        depth: no ? 0 : (figure(depth) as number),
        ...(no ? { forbidden: true } : {}),
        ...(behind.length > 0 ? { behind: behind.join(' ') } : {}),
        ...(over ? { over } : {}),
    };
}
