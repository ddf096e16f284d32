import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../../resources/js/api/client';
import { stepText } from '../../../resources/js/stations/stepWords';

const planOf = (phone: string, kind: string): Plan =>
    JSON.parse(
        execFileSync('php', ['artisan', 'facelift:plan', `phones/${phone}.phone.json`, '--part', kind, '--fault', 'cracked-glass', '--json'], {
            encoding: 'utf8',
        }),
    ) as Plan;
const text = (plan: Plan, id: string): string => {
    const step = plan.steps.find((s) => s.id === id);
    expect(step).toBeDefined();
    return step ? stepText(step).join(' ') : '';
};

describe('the sentence under a step', () => {
    it('says the care of coming out only where the part comes out', () => {
        const plan = planOf('quillon-vesper', 'display-assembly');
        expect(text(plan, 'lift-part:earpiece-flex')).toContain('lift it flat');
        expect(text(plan, 'fit-part:earpiece-flex')).not.toContain('lift it flat');
        expect(text(plan, 'fit-part:mesh')).toContain('Brush the mesh clean');
    });

    it('has a camera’s lens covered while it lies outside', () => {
        const plan = planOf('brasca-fern-5', 'display-with-frame');
        expect(text(plan, 'lift-part:front-camera')).toContain('Cover its lens');
        expect(text(plan, 'fit-part:front-camera')).toContain('Take the cover off its lens');
    });
});
