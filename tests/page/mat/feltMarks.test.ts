import { expect, test } from 'vitest';
import type { PhoneFile, Schemas } from '../../../resources/js/api/client';
import { feltMarks } from '../../../resources/js/mat/feltMarks';
import file from '../../../phones/quillon-vesper.phone.json';

const phone = file as unknown as PhoneFile;
const lit = phone.body.display;

const shown = (gate: string, fn: string, figures: Schemas['PhoneFigures']): Schemas['PhoneTest'] =>
    ({ id: fn, gate, function: fn, outcome: 'fail', figures, at: 1 }) as Schemas['PhoneTest'];

test('missed cells and marked pixels lie where they are on the phone, not on its lit area', () => {
    const marks = feltMarks(
        phone,
        [
            shown('dry', 'touch', { percent: 90, missed: [{ x: 0, y: 40, width: 64.2, height: 10 }], jumps: [] }),
            shown('dry', 'image', { marks: [[1, 2]] }),
            shown('trial', 'touch', { percent: 10, missed: [{ x: 0, y: 0, width: 5, height: 5 }] }),
        ],
        'dry',
    );
    expect(marks.map((m) => m.id)).toEqual(['felt', 'missed 0', 'pixels']);
    expect(marks[1]?.boxes).toEqual([{ x: lit.x, y: lit.y + 40, width: 64.2, height: 10 }]);
    expect(marks[1]?.label).toBe('Not felt, 642 mm²');
    expect(marks[2]?.dots).toEqual([{ x: lit.x + 1, y: lit.y + 2 }]);
});

test('only the last of each counts, and nothing is drawn where nothing was tested', () => {
    const once = shown('dry', 'touch', { percent: 50, missed: [{ x: 0, y: 0, width: 5, height: 5 }] });
    const again = shown('dry', 'touch', { percent: 100, missed: [], jumps: [] });
    expect(feltMarks(phone, [once, again], 'dry').map((m) => m.id)).toEqual(['felt']);
    expect(feltMarks(phone, [once], 'finished')).toEqual([]);
});
