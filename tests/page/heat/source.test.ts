import { describe, expect, it } from 'vitest';
import { fieldsOf, sourceWords, usual, type SourceKind } from '../../../resources/js/heat/source';

const kinds = Object.keys(usual) as SourceKind[];

describe('sources of heat', () => {
    it.each(kinds)('a %s starts with figures inside its own ranges, on its own steps', (kind) => {
        const fields = fieldsOf(kind);
        expect(fields.length).toBeGreaterThan(0);
        for (const f of fields) {
            const value = usual[kind][f.key];
            expect(value, f.key).toBeGreaterThanOrEqual(f.min);
            expect(value, f.key).toBeLessThanOrEqual(f.max);
            const steps = ((value ?? 0) - f.min) / f.step;
            expect(Math.abs(steps - Math.round(steps)), f.key).toBeLessThan(1e-9);
        }
    });

    it.each(kinds)('a %s says every figure that can be set, and its kind', (kind) => {
        const given = Object.keys(usual[kind]).filter((k) => k !== 'kind');
        expect(fieldsOf(kind).map((f) => f.key)).toEqual(given);
        for (const f of fieldsOf(kind).filter((f) => f.key !== 'edge')) {
            expect(sourceWords(usual[kind])).toContain(`${usual[kind][f.key]} ${f.unit}`);
        }
    });

    it('tells air on one spot from air that is moved', () => {
        expect(sourceWords(usual['local-air'])).toBe('hot air on one spot, 200 °C');
        expect(sourceWords(usual['hot-air'])).toBe('hot air, 150 °C, 30 mm away');
    });
});
