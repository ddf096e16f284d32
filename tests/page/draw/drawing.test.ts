import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { PhoneFile } from '../../../resources/js/api/client';
import { bondMarks, endAt, withEnd } from '../../../resources/js/places/draw/bondEnds';
import {
    elementsOf,
    freeId,
    GROUPS,
    hit,
    moved,
    selectedBy,
    sheetOf,
    withElement,
    withSheet,
} from '../../../resources/js/places/draw/elements';
import type { Field } from '../../../resources/js/places/draw/field';
import { FIELDS } from '../../../resources/js/places/draw/fields';
import { SHEET_FIELDS } from '../../../resources/js/places/draw/sheetFields';
import { history, opened } from '../../../resources/js/places/draw/history';
import { allRound, blank, fresh } from '../../../resources/js/places/draw/library';
import { figure, read, shown, valueAt, withValue } from '../../../resources/js/places/draw/values';

const files = readdirSync('phones')
    .filter((f) => f.endsWith('.phone.json'))
    .map((f) => JSON.parse(readFileSync(`phones/${f}`, 'utf8')) as PhoneFile);
const [phone = blank] = files.filter((f) => f.identity.id === 'quillon-vesper');
const named = (mm: number): PhoneFile => ({ ...phone, body: { ...phone.body, width: mm } });

describe('back and forth', () => {
    it('undoes and redoes every step, and a new step ends what could be redone', () => {
        let h = opened(named(1));
        for (const mm of [2, 3, 4]) {
            h = history(h, { type: 'set', file: named(mm) });
        }
        h = history(history(h, { type: 'undo' }), { type: 'undo' });
        expect(h.now.body.width).toBe(2);
        expect(history(h, { type: 'redo' }).now.body.width).toBe(3);
        h = history(h, { type: 'set', file: named(9) });
        expect(history(h, { type: 'redo' }).now.body.width).toBe(9);
        expect(history(opened(phone), { type: 'undo' }).now).toBe(phone);
    });

    it('takes a whole drag as one step', () => {
        let h = opened(named(1));
        for (const mm of [2, 3, 4, 5]) {
            h = history(h, { type: 'drag', file: named(mm) });
        }
        h = history(h, { type: 'drop' });
        expect(h.now.body.width).toBe(5);
        expect(history(h, { type: 'undo' }).now.body.width).toBe(1);
    });

    it('does not grow without end', () => {
        let h = opened(named(0));
        for (let mm = 1; mm < 400; mm++) {
            h = history(h, { type: 'set', file: named(mm) });
        }
        expect(h.past.length).toBeLessThanOrEqual(200);
    });
});

describe('taking hold of things on the drawing', () => {
    it('finds the smallest under the pointer, screws first', () => {
        expect(hit(phone, 'front', { x: 30.4, y: 144.6 })).toMatchObject({ group: 'fasteners', index: 0, place: 0 });
        const battery = hit(phone, 'front', { x: 20, y: 100 });
        expect(battery?.group === 'parts' && phone.parts[battery.index]?.id).toBe('battery');
        expect(hit(phone, 'back', { x: 300, y: 300 })).toBeNull();
    });

    it('moves one screw, a part, a connector, in tenths of a millimetre', () => {
        const screw = moved(phone, { group: 'fasteners', index: 0, place: 1 }, { x: 1.04, y: -2 });
        expect(screw.fasteners[0]?.places).toEqual([
            { x: 30.4, y: 144.6 },
            { x: 42, y: 142.6 },
        ]);
        expect(moved(phone, { group: 'parts', index: 0 }, { x: 1, y: 1 }).parts[0]?.x).toBe(36.7);
        expect(moved(phone, { group: 'bonds', index: 0 }, { x: 1, y: 1 })).toBe(phone);
        expect(moved(phone, { group: 'parts', index: 999 }, { x: 1, y: 1 })).toBe(phone);
    });

    it('draws the ends of a bond’s stretches along their side, and a neighbour goes with them', () => {
        for (const file of files) {
            file.bonds.forEach((bond, index) => {
                const selected = { group: 'bonds' as const, index };
                expect(bondMarks(file, bond.face === 'front' ? 'back' : 'front', selected)).toEqual([]);
                const marks = bondMarks(file, bond.face, selected);
                expect(marks.length).toBe(bond.cut?.stretches.length ?? 0);
                (bond.cut?.stretches ?? []).forEach((s, stretch) => {
                    const q = marks[stretch]?.dots?.[1] ?? { x: 0, y: 0 };
                    expect(endAt(file, bond.face, selected, q)).not.toBeNull();
                    for (const by of [-500, -4, 0.04, 4, 500]) {
                        const now =
                            withEnd(file, { bond: index, stretch, end: 'to' }, { x: q.x + by, y: q.y + by }).bonds[
                                index
                            ]?.cut?.stretches ?? [];
                        const [a, b] = [
                            now[stretch],
                            now.find(
                                (o, i) => i !== stretch && o.side === s.side && bond.cut?.stretches[i]?.from === s.to,
                            ),
                        ];
                        expect(a && a.to - a.from).toBeGreaterThanOrEqual(0.9);
                        expect(a?.to).toBeLessThanOrEqual(Math.max(s.to, file.body.height));
                        if (b) {
                            expect(b.from).toBe(a?.to);
                            expect(b.to).toBeGreaterThan(b.from);
                        }
                        expect(now.filter((o, i) => o !== bond.cut?.stretches[i]).length).toBeLessThanOrEqual(2);
                    }
                });
            });
        }
        expect(endAt(phone, 'front', { group: 'bonds', index: 0 }, { x: 35, y: 70 })).toBeNull();
        expect(endAt(phone, 'front', { sheet: 'body' }, { x: 0, y: 0 })).toBeNull();
        expect(withEnd(phone, { bond: 99, stretch: 0, end: 'to' }, { x: 1, y: 1 })).toBe(phone);
    });

    it('knows which element a fault is about', () => {
        expect(selectedBy('fasteners[3].length')).toEqual({ group: 'fasteners', index: 3 });
        expect(selectedBy('body.display')).toEqual({ sheet: 'body' });
        expect(selectedBy('stacks.edge.layers[0]')).toEqual({ sheet: 'stacks' });
        expect(selectedBy('')).toBeNull();
    });

    it('gives every new element an id of its own', () => {
        let file = blank;
        for (const group of GROUPS) {
            for (let i = 0; i < 3; i++) {
                file = { ...file, [group]: [...elementsOf(file, group), fresh(group, freeId(file, 'new'), file)] };
            }
        }
        const ids = GROUPS.flatMap((g) => elementsOf(file, g).map((e) => e.id));
        expect(new Set(ids).size).toBe(ids.length);
    });
});

describe('figures in the form', () => {
    it('writes back exactly what was read, for every field of every shipped phone', () => {
        let fields = 0;
        const same = (all: Field[], tree: Record<string, unknown>, where: string) => {
            for (const f of all) {
                const value = valueAt(tree, f.key);
                if (value === undefined) {
                    continue;
                }
                fields++;
                expect(read(f, shown(f, value), value), `${where}.${f.key}`).toEqual(value);
            }
        };
        for (const file of files) {
            for (const [sheet, all] of Object.entries(SHEET_FIELDS)) {
                same(all, sheetOf(file, sheet as 'body'), `${file.identity.id}.${sheet}`);
            }
            for (const group of GROUPS) {
                elementsOf(file, group).forEach((e) => same(FIELDS[group], e, `${file.identity.id}.${e.id}`));
            }
        }
        expect(fields).toBeGreaterThan(2000);
    });

    it('reads stretches, places, codes and what is off before', () => {
        const field = (kind: Field['kind'], optional = true): Field => ({ key: 'k', label: 'K', kind, optional });
        expect(read(field('stretches'), 'bottom 0 72 3 battery, 6 mm in\nright 0 150 no')).toEqual([
            { id: 'bottom-1', side: 'bottom', from: 0, to: 72, depth: 3, behind: 'battery, 6 mm in' },
            { id: 'right-2', side: 'right', from: 0, to: 150, depth: 0, forbidden: true },
        ]);
        expect(read(field('places'), '3 4; 5,5 6')).toEqual([
            { x: 3, y: 4 },
            { x: 5.5, y: 6 },
        ]);
        expect(read(field('codes'), 'TP-1 Europe; TP-2 North America')).toEqual([
            { code: 'TP-1', region: 'Europe' },
            { code: 'TP-2', region: 'North America' },
        ]);
        expect(read(field('clauses'), 'a, b|c')).toEqual(['a', ['b', 'c']]);
        expect(read(field('text'), ' ')).toBeUndefined();
        expect(read(field('text', false), '')).toBe('');
    });

    it('keeps the ids of stretches that stay, what lies over them, and gives new ones an id of their own', () => {
        const field: Field = { key: 'cut.stretches', label: 'S', kind: 'stretches' };
        const old = [
            { id: 'tail', side: 'bottom', from: 0, to: 72, depth: 3, behind: 'battery' },
            {
                id: 'grille',
                side: 'top',
                from: 26,
                to: 50,
                depth: 2,
                behind: 'front camera flex',
                over: 'speaker grille',
            },
        ];
        expect(shown(field, old)).toBe('bottom 0 72 3 battery\ntop 26 50 2 front camera flex over: speaker grille');
        const lines = 'bottom 0 70 3 battery\nbottom 70 72 no\ntop 26 50 2 over: speaker grille';
        expect(read(field, lines, old)).toEqual([
            { id: 'tail', side: 'bottom', from: 0, to: 70, depth: 3, behind: 'battery' },
            { id: 'bottom-2', side: 'bottom', from: 70, to: 72, depth: 0, forbidden: true },
            { id: 'grille', side: 'top', from: 26, to: 50, depth: 2, over: 'speaker grille' },
        ]);
        const twice = read(field, 'left 0 10 1\nleft 10 20 1\nleft 20 30 1', [
            { id: 'left-2', side: 'left', from: 0, to: 30, depth: 1 },
        ]);
        expect(new Set((twice as { id: string }[]).map((s) => s.id)).size).toBe(3);
    });

    it('reads the connector that a region has for itself', () => {
        const field: Field = { key: 'codes', label: 'C', kind: 'codes' };
        const codes = [
            { code: 'TP-1', region: 'North America', connectorCode: 'X-2' },
            { code: 'TP-2', region: 'Europe' },
        ];
        expect(shown(field, codes)).toBe('TP-1 North America (X-2); TP-2 Europe');
        expect(read(field, shown(field, codes))).toEqual(codes);
    });

    it('keeps how a phone opens outside its identity, where the file has it', () => {
        const sheet = sheetOf(phone, 'identity');
        expect([sheet['family'], sheet['model']]).toEqual([phone.family, phone.identity.model]);
        const changed = withSheet(phone, 'identity', { ...sheet, family: 'rear-opening' });
        expect([changed.family, 'family' in changed.identity]).toEqual(['rear-opening', false]);
        expect(withSheet(phone, 'ledge', { ...phone.ledge, top: 3 }).ledge.top).toBe(3);
        expect(selectedBy('family')).toEqual({ sheet: 'identity' });
    });

    it('keeps what is no number as it was typed, so that the check can name it', () => {
        expect([figure('3,5'), figure('-2'), figure('three')]).toEqual([3.5, -2, 'three']);
    });

    it('puts and takes values by path, and leaves no empty shells', () => {
        expect(withValue({ a: 1 }, 'cut.start', 'top')).toEqual({ a: 1, cut: { start: 'top' } });
        expect(withValue({ a: 1, cut: { start: 'top' } }, 'cut.start', undefined)).toEqual({ a: 1 });
        expect(withElement(phone, 'parts', 0, { id: 'x' }).parts[0]).toEqual({ id: 'x' });
    });

    it('cuts all round but at the hinge', () => {
        const round = allRound(blank, 'right');
        expect(round.map((s) => [s['side'], s['to'], s['forbidden'] ?? false])).toEqual([
            ['top', 72, false],
            ['right', 150, true],
            ['bottom', 72, false],
            ['left', 150, false],
        ]);
    });
});
