import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { PhoneFile } from '../../../resources/js/api/client';
import { elementsOf } from '../../../resources/js/places/draw/elements';
import { inNames, named, placeOfFault, slug } from '../../../resources/js/places/draw/naming';

const file = JSON.parse(readFileSync('phones/quillon-vesper.phone.json', 'utf8')) as PhoneFile;

describe('ids are made by the program', () => {
    const made: PhoneFile = {
        ...file,
        parts: [...file.parts, { ...(file.parts[2] as PhoneFile['parts'][number]), id: 'new-part', name: 'New part' }],
        fasteners: file.fasteners.map((f) => (f.id === 'bracket-long' ? { ...f, holds: ['new-part'] } : f)),
        connectors: file.connectors.map((c) =>
            c.id === 'touch-plug' ? { ...c, after: ['bracket', ['new-part', 'seal']] } : c,
        ),
    };
    const last = made.parts.length - 1;

    it('from the name, everywhere it is spoken of', () => {
        const part = { ...elementsOf(made, 'parts')[last], id: 'new-part', name: 'Kleine Brücke 2' };
        const after = named(made, 'parts', last, part);
        expect(after.parts[last]?.id).toBe('kleine-brucke-2');
        expect(after.fasteners.find((f) => f.id === 'bracket-long')?.holds).toEqual(['kleine-brucke-2']);
        expect(after.connectors.find((c) => c.id === 'touch-plug')?.after).toEqual([
            'bracket',
            ['kleine-brucke-2', 'seal'],
        ]);
    });
    it('and no two are alike; one that was kept stays whatever it is called', () => {
        const part = { ...elementsOf(made, 'parts')[last], id: 'new-part', name: 'Bracket' };
        expect(named(made, 'parts', last, part).parts[last]?.id).toBe('bracket-2');
        const bracket = { ...elementsOf(made, 'parts')[2], id: 'bracket', name: 'Other name' };
        expect(named(made, 'parts', 2, bracket).parts[2]?.id).toBe('bracket');
    });
    it('of letters and digits', () => {
        expect(slug('Tivane  Pivot (5G)')).toBe('tivane-pivot-5g');
        expect(slug('  ')).toBe('');
    });
});

describe('faults are said in names', () => {
    it('the element and the figure instead of a path', () => {
        expect(placeOfFault(file, 'fasteners[0].length')).toBe('Tail screws, Length');
        expect(placeOfFault(file, 'connectors[0].after[1]')).toBe('Battery connector, Off before it');
        expect(placeOfFault(file, 'body.cornerRadius')).toBe('Corner radius');
        expect(placeOfFault(file, 'fasteners[0].places[1]')).toBe('Tail screws, Places');
        expect(placeOfFault(file, '')).toBe('');
    });
    it('names instead of ids', () => {
        expect(inNames(file, 'nothing in this ring can come off first: bracket-long waits for seal')).toBe(
            'nothing in this ring can come off first: Bracket screw, long waits for Display seal',
        );
        expect(inNames(file, '"earpiece-flex" lies off the phone')).toBe('Earpiece and sensor flex lies off the phone');
        expect(inNames(file, '"nowhere" is not in this file')).toBe('"nowhere" is not in this file');
    });
});
