import { describe, expect, it } from 'vitest';
import {
    begun,
    blank,
    checked,
    complete,
    drawn,
    functionsOf,
    seenIn,
    stateOf,
    takeOutOf,
    toggled,
    withState,
} from '../../../resources/js/stations/checkin/draft';
import type { PhoneFile } from '../../../resources/js/api/client';
import vesper from '../../../phones/quillon-vesper.phone.json';

const phone = vesper as unknown as PhoneFile;

describe('the condition while it is written down', () => {
    it('grows a stroke, opens a zone, moves a place', () => {
        const stroke = drawn(drawn(begun(blank(), 'crack', 'front', { x: 1.234, y: 2 }), { x: 3, y: 4 }), {
            x: 5,
            y: 6,
        });
        expect(stroke.marks[0]?.points).toEqual([
            { x: 1.2, y: 2 },
            { x: 1.2, y: 2 },
            { x: 3, y: 4 },
            { x: 5, y: 6 },
        ]);
        const zone = drawn(drawn(begun(blank(), 'dead-zone', 'front', { x: 1, y: 1 }), { x: 9, y: 9 }), {
            x: 20,
            y: 30,
        });
        expect(zone.marks[0]?.points).toEqual([
            { x: 1, y: 1 },
            { x: 20, y: 30 },
        ]);
        expect(drawn(begun(blank(), 'spot', 'front', { x: 1, y: 1 }), { x: 9, y: 9 }).marks[0]?.points).toEqual([
            { x: 9, y: 9 },
        ]);
        expect(drawn(blank(), { x: 1, y: 1 }).marks).toEqual([]);
    });
    it('stops a stroke before the server would refuse it', () => {
        let c = begun(blank(), 'line', 'front', { x: 0, y: 0 });
        for (let i = 0; i < 600; i++) {
            c = drawn(c, { x: i, y: i });
        }
        expect(c.marks[0]?.points).toHaveLength(400);
    });
    it('sees what is drawn, once', () => {
        const crack = begun(begun(blank(), 'crack', 'back', { x: 0, y: 0 }), 'crack', 'back', { x: 9, y: 9 });
        expect(seenIn(crack)).toEqual(['back-cracked']);
        expect(seenIn({ ...crack, marks: [] })).toEqual([]);
        expect(seenIn({ ...crack, observations: ['cracked-glass', 'back-cracked'] })).toEqual([
            'cracked-glass',
            'back-cracked',
        ]);
        expect(seenIn(begun(blank(), 'missing-screw', 'back', { x: 0, y: 0 }))).toEqual([]);
        expect(seenIn(blank())).toEqual([]);
    });
    it('replaces the result of a check', () => {
        const c = checked(checked(blank(), { check: 'ring', result: 'silent' }), { check: 'ring', result: 'rings' });
        expect(c.checks).toEqual([{ check: 'ring', result: 'rings' }]);
    });
    it('lists the functions of the phone in order and writes the open ones down as not tested', () => {
        const list = functionsOf(phone);
        expect(list.slice(0, 3)).toEqual(['image', 'brightness', 'touch']);
        const c = complete(withState(blank(), 'touch', 'fails'), list);
        expect(c.functions).toHaveLength(list.length);
        expect([stateOf(c, 'touch'), stateOf(c, 'image')]).toEqual(['fails', 'cannot-test']);
    });
    it('asks for what this phone has to be rid of', () => {
        expect(takeOutOf(phone).map((t) => t.id)).toEqual(['sim-tray', 'card', 'case', 'protector']);
        expect(toggled(toggled(['a'], 'b'), 'a')).toEqual(['b']);
    });
});
