import { describe, expect, it } from 'vitest';
import { readingsInWords } from '../../../resources/js/stations/plan/AsItWent';
import { shown, thermometerFor, type Thermometer } from '../../../resources/js/bench/useThermometer';

const heard = (id: string, more: Partial<Thermometer> = {}): Thermometer => ({
    id,
    heardAt: 1,
    state: 'live',
    celsius: 61.24,
    follows: null,
    ...more,
});
const at = (job: string) => ({ job, tag: 'T-0301', step: 'heat:seal', probe: 'edge' });

describe('the thermometer of a job', () => {
    it('is the one read for it, else one that is heard, else any', () => {
        const [a, b] = [heard('A', { state: 'silent' }), heard('B')];
        expect(thermometerFor([], 'j')).toBeNull();
        expect(thermometerFor([a, b], 'j')?.id).toBe('B');
        expect(thermometerFor([a], 'j')?.id).toBe('A');
        expect(thermometerFor([heard('C'), heard('D', { state: 'silent', follows: at('j') })], 'j')?.id).toBe('D');
    });

    it('says a figure only while it has one', () => {
        expect(shown(heard('T7'))).toBe('T7 61.2 °C');
        expect(shown(heard('T7', { state: 'open', celsius: null }))).toBe('T7: probe open');
        expect(shown(heard('T7', { state: 'silent' }))).toBe('T7 is silent');
    });
});

describe('readings in words', () => {
    const reading = (t: number) => ({ t, probe: 'outer-face', celsius: 50 + t / 10 });

    it('names a few one by one', () => {
        expect(readingsInWords([])).toBe('');
        expect(readingsInWords([reading(60), reading(90)])).toBe(
            ' Read at 1:00: heated glass 56.0 °C. Read at 1:30: heated glass 59.0 °C.',
        );
    });

    it('sums up many', () => {
        expect(readingsInWords([0, 5, 10, 15, 20].map(reading))).toBe(
            ' Read 5 times, from 0:00: heated glass 50.0 °C to 0:20: heated glass 52.0 °C.',
        );
    });
});
