import { describe, expect, it } from 'vitest';
import '../../../resources/js/words/later';
import { changedName, changedValue, membersOf } from '../../../resources/js/places/accounts/changed';

describe('the record of changes', () => {
    it.each([
        ['settings.equipment.charger', 'equipment › Chargers'],
        ['settings.closed.0', 'closed on › no. 1'],
        ['heat_source', 'source of heat'],
        ['condition.functions.face-unlock', 'condition › functions › Face unlock'],
        ['flexLength', 'flex length'],
    ])('%s is called %s', (field, name) => {
        expect(changedName(field)).toBe(name);
    });

    it.each([
        [null, '–'],
        ['', '–'],
        ['display-assembly', 'Display assembly'],
        ['not-worded-yet', 'not worded yet'],
        // Dates and labels stay as they are.
        ['2026-12-25', '2026-12-25'],
        ['QV-2110', 'QV-2110'],
        ['149.00', '149.00'],
    ])('%s is said as %s', (value, said) => {
        expect(changedValue(value)).toBe(said);
    });

    it('a document is told by its members, and what is none, or is cut off, is not', () => {
        expect(membersOf('{"kind":"plate","set":85,"fit":null}')).toEqual([
            { name: 'kind', value: 'plate' },
            { name: 'set to', value: '85' },
            { name: 'fit to readings', value: '–' },
        ]);
        expect(membersOf('["cracked-glass",true]')).toEqual([
            { name: 'no. 1', value: 'Cracked glass' },
            { name: 'no. 2', value: 'yes' },
        ]);
        expect(membersOf('{"kind":"pla')).toBeNull();
        expect(membersOf('Tomo')).toBeNull();
        expect(membersOf(null)).toBeNull();
    });
});
