import { afterEach, describe, expect, it } from 'vitest';
import { inUnits, showUnits } from '../../../resources/js/words/units';

describe('figures in the shop’s units', () => {
    afterEach(() => showUnits({ temperature: 'celsius', length: 'mm' }));

    it('stay as they are until others are set', () => {
        expect(inUnits('Battery 58 °C, 3.2 mm')).toBe('Battery 58 °C, 3.2 mm');
    });

    it('are said in °F, ranges and limits as well', () => {
        showUnits({ temperature: 'fahrenheit', length: 'mm' });
        expect(inUnits('Battery 58 °C, limit 60 °C')).toBe('Battery 136 °F, limit 140 °F');
        expect(inUnits('best at 70–90 °C')).toBe('best at 158–194 °F');
        expect(inUnits('from −20 to 250 °C')).toBe('from −4 to 482 °F');
        expect(inUnits('−40 °C')).toBe('−40 °F');
        // A field keeps the unit in which it is typed.
        expect(inUnits('Temperature, °C')).toBe('Temperature, °C');
    });

    it('are said in inches, but not areas and speeds', () => {
        showUnits({ temperature: 'celsius', length: 'inch' });
        expect(inUnits('25.4 mm deep')).toBe('1.00 in deep');
        expect(inUnits('71.5 × 146.7 × 7.6 mm')).toBe('2.81 × 5.78 × 0.299 in');
        expect(inUnits('4 mm/s over 12 mm²')).toBe('4 mm/s over 12 mm²');
    });
});
