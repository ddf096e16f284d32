import { describe, expect, it } from 'vitest';
import { clock, minutes, say, sayReason } from '../../../resources/js/words/words';

describe('words', () => {
    it('puts figures into a text', () => {
        expect(say('step.unscrew', { count: 3, driver: 'Y000', length: 1.3 })).toBe('Take out 3 × Y000, 1.3 mm');
    });
    it('leaves a key without wording visible', () => {
        expect(say('step.nothing-like-it')).toBe('step.nothing-like-it');
    });
    it('words codes inside a reason', () => {
        expect(sayReason({ code: 'untested', figures: { gate: 'laid-shut', functions: 'image, touch' } })).toBe('Not tested yet at laid shut: image, touch');
    });
    it.each([
        [220, '3:40'],
        [0.2, '0:01'],
        [0, '0:00'],
        [-65, '−1:05'],
    ])('shows %d s as %s', (seconds, text) => {
        expect(clock(seconds)).toBe(text);
    });
    it('never says zero minutes', () => {
        expect(minutes(3)).toBe('1 min');
    });
});
