import { describe, expect, it } from 'vitest';
import texts from '../../../resources/words/en.json';
import {
    ago,
    amount,
    clock,
    day,
    minutes,
    moment,
    say,
    sayReason,
    sentence,
    sentences,
    wordedFigures,
} from '../../../resources/js/words/words';

describe('words', () => {
    it('puts figures into a text', () => {
        expect(say('step.unscrew', { count: 3, driver: 'Y000', length: 1.3 })).toBe('Take out 3 × Y000, 1.3 mm');
    });
    it('counts one and many in the same words as the server', () => {
        const fewer = (count: number) => say('reason.way-fewer-removals', { count });
        expect([fewer(0), fewer(1), fewer(2)]).toEqual(['0 removals fewer', '1 removal fewer', '2 removals fewer']);
        expect(say('note.strips', { count: 1, metres: 0.4 })).toBe('1 strip, 0.4 m in all. Never tape on tape.');
    });
    it('can be read in every text that counts, and leaves no brace', () => {
        const counting = Object.entries(texts).filter(([, text]) => text.includes(', plural,'));
        expect(counting.length).toBeGreaterThan(8);
        for (const [key, text] of counting) {
            const figures = Object.fromEntries(
                [...text.matchAll(/\{(\w+)[,}]/g)].map((m): [string, number] => [String(m[1]), 1]),
            );
            expect(say(key, figures), key).not.toMatch(/[{}#]/);
        }
    });
    it('ends a sentence once', () => {
        expect([sentence('Set it higher'), sentence('Is it worth it?'), sentence('Wait.')]).toEqual([
            'Set it higher.',
            'Is it worth it?',
            'Wait.',
        ]);
        expect(
            sentences([
                { code: 'way-more-screws', figures: { count: 1 } },
                { code: 'nothing', figures: {} },
            ]),
        ).toBe('1 screw more. reason.nothing.');
    });
    it('leaves a key without wording visible', () => {
        expect(say('step.nothing-like-it')).toBe('step.nothing-like-it');
    });
    it('words codes inside a reason', () => {
        expect(sayReason({ code: 'untested', figures: { gate: 'laid-shut', functions: 'image, touch' } })).toBe(
            'Not tested yet at laid shut: image, touch',
        );
    });
    it.each([
        [220, '3:40'],
        [0.2, '0:01'],
        [0, '0:00'],
        [-65, '−1:05'],
    ])('shows %d s as %s', (seconds, text) => {
        expect(clock(seconds)).toBe(text);
    });
    it('words where a mark lies', () => {
        expect(
            sayReason({
                code: 'mark-crack-at-edge',
                figures: { from: 'top-left', to: 'middle-centre', length: 40, edges: 'top left' },
            }),
        ).toBe('Crack, top left to the middle, 40 mm, reaches the top, left edge');
    });
    it('shows amounts with their currency', () => {
        expect([amount('138.00', 'EUR'), amount('1234567.5', 'EUR')]).toEqual([
            '138.00 EUR',
            '1\u202F234\u202F567.5 EUR',
        ]);
    });
    it.each([
        [20_000, 'just now'],
        [12 * 60_000, '12 min ago'],
        [3 * 3_600_000, '3 h ago'],
        [50 * 3_600_000, '2 days ago'],
    ])('says how long ago %d ms are', (ms, text) => {
        expect(ago(new Date(1_000_000_000_000 - ms).toISOString(), 1_000_000_000_000)).toBe(text);
    });
    it('says a day without a time, in every zone the same', () => {
        expect([day('2026-11-29'), day('2027-01-01')]).toEqual(['29 Nov', '1 Jan']);
    });
    it('says the time alone today, and the day with it otherwise', () => {
        expect(moment(new Date().toISOString())).toMatch(/^\d{2}:\d{2}$/);
        expect(moment('2020-03-04T12:00:00Z')).toMatch(/^\d{1,2} Mar, \d{2}:\d{2}$/);
    });
    it('leaves figures alone that are no codes', () => {
        expect(wordedFigures({ name: 'Tail screws', count: 2 })).toEqual({ name: 'Tail screws', count: 2 });
    });
    it('never says zero minutes', () => {
        expect(minutes(3)).toBe('1 min');
    });
});
