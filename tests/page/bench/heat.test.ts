import { describe, expect, it } from 'vitest';
import { heard, heatingOf, heatWords, paceAt, tenthsOf, type Heated } from '../../../resources/js/bench/heat';

const sample = (t: number, bond: number, battery: number) => ({
    t,
    bond,
    panel: bond,
    battery,
    outer: bond + 5,
    pace: 3,
});
const heated = (more: Partial<Heated>): Heated => ({
    bond: 'seal',
    from: 1_000_000,
    on: true,
    keptAt: null,
    window: { low: 60, high: 85 },
    samples: [sample(0, 22, 22), sample(100, 62, 42), sample(200, 82, 62), sample(300, 42, 52)],
    heats: [{ from: 0, to: 100 }],
    readings: [],
    fit: null,
    liftAt: 1_150_000,
    liftBecause: 'target',
    gripsAt: null,
    panelHurt: false,
    panelUsed: 0.1,
    ladder: { next: 'heat', because: { code: 'ladder-next', figures: {} }, tried: [] },
    ...more,
});
const at = (seconds: number) => 1_000_000 + 1000 * seconds;

describe('what the heat asks for', () => {
    it('counts down to lifting off and then says so', () => {
        expect(heatWords(heated({}), 60, at(109))).toMatchObject({
            text: 'Lift off in 0:41',
            why: 'the bond is hot enough then',
            tone: 'plain',
            cue: 'none',
        });
        expect(heatWords(heated({}), 60, at(150))).toMatchObject({ text: 'Lift off now', tone: 'stop', cue: 'lift' });
    });
    it('lets the battery end it whatever the bond needs', () => {
        const words = heatWords(heated({ liftAt: at(400) }), 60, at(195));
        expect(words).toMatchObject({
            text: 'Lift off now',
            why: 'the battery is at its limit',
            battery: { text: 'Battery 61 of 60 °C', near: true },
        });
        expect(heatWords(heated({}), 60, at(170)).battery.near).toBe(false);
        expect(heatWords(heated({}), 60, at(176)).battery.near).toBe(true);
    });
    it('says that the gun goes along while it is held, whatever the bond has reached', () => {
        const held = heated({ keptAt: 79.4, liftAt: null, liftBecause: 'time' });
        expect(heatWords(held, 60, at(120))).toMatchObject({
            text: 'Gun along the blade',
            why: 'it keeps the bond at about 79 °C (estimate)',
            cue: 'none',
        });
        expect(heatWords(held, 60, at(195)).cue).toBe('lift');
    });
    it('knows how fast a blade goes now, between two moments and not beyond the last', () => {
        const paced = heated({ samples: [sample(0, 22, 22), { ...sample(100, 62, 42), pace: 1 }] });
        expect(paceAt(paced, at(0))).toBe(3);
        expect(paceAt(paced, at(75))).toBeCloseTo(1.5);
        expect(paceAt(paced, at(101))).toBeNull();
    });
    it('says when a source will not do', () => {
        expect(heatWords(heated({ liftAt: null, liftBecause: 'time' }), 60, at(20)).text).toBe(
            'Not within five minutes',
        );
    });
    it('counts down the window, warns before its end and says when it grips', () => {
        const off = heated({ on: false, liftAt: null, liftBecause: null, gripsAt: at(255) });
        expect(heatWords(off, 60, at(214))).toMatchObject({ text: 'Grips again in 0:41', tone: 'plain', cue: 'none' });
        expect(heatWords(off, 60, at(241))).toMatchObject({ tone: 'care', cue: 'grips-soon' });
        expect(heatWords(off, 60, at(256))).toMatchObject({ text: 'It grips again', tone: 'stop', cue: 'grips' });
    });
    it('is heard once at each change, the battery first, and not on opening the page', () => {
        const before = heatWords(heated({}), 60, at(149));
        const after = heatWords(heated({}), 60, at(150));
        expect(heard(null, after)).toBeNull();
        expect(heard(before, after)).toBe('lift');
        expect(heard(after, after)).toBeNull();
        expect(
            heard(
                heatWords(heated({ liftAt: at(180) }), 60, at(170)),
                heatWords(heated({ liftAt: at(180) }), 60, at(181)),
            ),
        ).toBe('battery');
    });
});

describe('readings', () => {
    it('belong to the last heating begun', () => {
        const moves = [
            { id: 'a', kind: 'heat' },
            { id: 'b', kind: 'cut-pass' },
            { id: 'c', kind: 'reheat' },
        ];
        expect(heatingOf(moves, { timers: new Map(), done: new Map() })).toBeNull();
        expect(
            heatingOf(moves, {
                timers: new Map(),
                done: new Map([['a', { event: 'e', at: 1, count: null, reason: null }]]),
            }),
        ).toBe('a');
        expect(
            heatingOf(moves, {
                timers: new Map([['c', 5]]),
                done: new Map([['a', { event: 'e', at: 1, count: null, reason: null }]]),
            }),
        ).toBe('c');
    });
    it.each([
        ['66,5', 665],
        ['66.5', 665],
        ['−3', -30],
        ['-20', -200],
        ['250', 2500],
        ['251', null],
        ['-21', null],
        ['warm', null],
        ['', null],
        ['6 6', null],
    ])('takes %s as %s tenths', (typed, tenths) => {
        expect(tenthsOf(typed)).toBe(tenths);
    });
});
