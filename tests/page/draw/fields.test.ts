import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { isChosen } from '../../../resources/js/places/draw/Chosen';
import { GROUPS, SHEETS } from '../../../resources/js/places/draw/elements';
import type { Field } from '../../../resources/js/places/draw/field';
import { FIELDS } from '../../../resources/js/places/draw/fields';
import { SHEET_FIELDS } from '../../../resources/js/places/draw/sheetFields';

interface Schema {
    type?: string;
    enum?: string[];
    properties?: Record<string, Schema>;
    required?: string[];
    items?: Schema;
}
const schema = JSON.parse(readFileSync('contract/schemas/phone.schema.json', 'utf8')) as Schema;

/** Every member that a file may have, by path, with what the schema says of it. */
function members(of: Schema, before = ''): [string, Schema, boolean][] {
    return Object.entries(of.properties ?? {}).flatMap(([name, member]): [string, Schema, boolean][] =>
        member.type === 'object'
            ? members(member, `${before}${name}.`)
            : [[before + name, member, before === '' && (of.required ?? []).includes(name)]],
    );
}

const forms: [string, Field[], Schema][] = [
    ...SHEETS.map((s): [string, Field[], Schema] => [s, SHEET_FIELDS[s], schema.properties?.[s] ?? {}]),
    ...GROUPS.map((g): [string, Field[], Schema] => [g, FIELDS[g], schema.properties?.[g]?.items ?? {}]),
];

describe.each(forms)('the form of %s', (_, fields, part) => {
    it('has a field for everything that a file may say', () => {
        const all = members(part);
        expect(all.length).toBeGreaterThan(3);
        // Ids are made by the program.
        const paths = all.map(([path]) => path).filter((path) => path !== 'id');
        expect(paths.filter((path) => !fields.some((f) => f.key === path))).toEqual([]);
    });

    it('offers exactly what the schema allows where there is a choice', () => {
        for (const [path, member] of members(part)) {
            const field = fields.find((f) => f.key === path);
            if (member.enum && field?.options && !field.from) {
                expect([...field.options].sort(), path).toEqual([...member.enum].sort());
            }
        }
    });

    it('lets nothing be left out that a file must have', () => {
        for (const [path, , needed] of members(part)) {
            const field = fields.find((f) => f.key === path);
            if (field && needed) {
                expect(field.optional ?? false, path).toBe(false);
            }
        }
    });
});

it('nothing that names something else of the file is typed', () => {
    const naming = ['after', 'holds', 'joins', 'carriedBy', 'replaces', 'brings', 'lacks', 'stack', 'batteryStack'];
    const fields = GROUPS.flatMap((g) => FIELDS[g]).filter((f) => naming.includes(f.key));
    expect(fields.length).toBeGreaterThan(12);
    expect(fields.filter((f) => !isChosen(f.kind))).toEqual([]);
});

it('how a phone opens is chosen from what the schema allows', () => {
    const family = SHEET_FIELDS.identity.find((f) => f.key === 'family');
    expect([...(family?.options ?? [])].sort()).toEqual([...(schema.properties?.['family']?.enum ?? [])].sort());
});
