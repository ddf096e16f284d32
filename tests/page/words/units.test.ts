import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it } from 'vitest';
import { inUnits, showUnits } from '../../../resources/js/words/units';

interface Case {
    temperature: 'celsius' | 'fahrenheit';
    length: 'mm' | 'inch';
    text: string;
    shown: string;
}

// The same texts as paper is tried with.
const cases = JSON.parse(readFileSync('contract/units.json', 'utf8')) as Case[];

describe('figures in the shop’s units', () => {
    afterEach(() => showUnits({ temperature: 'celsius', length: 'mm' }));

    it.each(cases)('$text in $temperature and $length', ({ text, shown, ...units }) => {
        showUnits(units);
        expect(inUnits(text)).toBe(shown);
    });
});
