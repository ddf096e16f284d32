import { FUNCTIONS } from '../../api/sets';
import type { Group } from './elements';

export type OptionWords = 'function' | 'part-kind' | 'adhesive' | 'family' | 'side' | 'kind' | 'plug-kind' | 'renewal';

export interface Field {
    key: string;
    label: string;
    kind:
        | 'text'
        | 'number'
        | 'flag'
        | 'choice'
        | 'list'
        /** Several of what is known, by name. */
        | 'several'
        /** Two of what is known, by name: the first is lifted off the second. */
        | 'pair'
        | 'clauses'
        | 'places'
        | 'codes'
        | 'stretches'
        | 'rows';
    options?: readonly string[];
    /** What options are called: the words under this prefix. */
    words?: OptionWords;
    /** What the second of a pair is called. */
    second?: string;
    /** Options are ids of this group, or names of stacks. */
    from?: Group | 'stacks';
    /** What a row holds, in order; `name` is the last and takes the rest of it. */
    columns?: readonly string[];
    /** Rows have an id of this kind that is not typed. */
    rowsAre?: string;
    /** May be left empty: then it is left out of the file. */
    optional?: boolean;
    wide?: boolean;
}

export const text = (key: string, label: string, more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'text',
    ...more,
});
export const number = (key: string, label: string, more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'number',
    ...more,
});
export const flag = (key: string, label: string): Field => ({ key, label, kind: 'flag', optional: true });
export const choice = (key: string, label: string, options: readonly string[], more: Partial<Field> = {}): Field => ({
    key,
    label,
    kind: 'choice',
    options,
    ...more,
});
/** Which of what a phone can do. */
export const functionsAt = (key: string, label: string): Field => ({
    key,
    label,
    kind: 'several',
    options: FUNCTIONS,
    words: 'function',
    optional: true,
    wide: true,
});
