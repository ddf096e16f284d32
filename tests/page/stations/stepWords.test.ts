import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../../resources/js/api/client';
import { moveOf } from '../../../resources/js/mat/marks';
import { stepFigures, stepText, stepTitle } from '../../../resources/js/words/stepWords';

const planOf = (phone: string, kind: string): Plan =>
    JSON.parse(
        execFileSync(
            'php',
            [
                'artisan',
                'facelift:plan',
                `phones/${phone}.phone.json`,
                '--part',
                kind,
                '--fault',
                'cracked-glass',
                '--json',
            ],
            {
                encoding: 'utf8',
            },
        ),
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

    it('names the films that come off, and the extension that a short flex needs', () => {
        const plan = planOf('brasca-larch', 'display-assembly');
        expect(text(plan, 'inspect-new')).toContain('Draw the flex guard off slowly');
        expect(text(plan, 'trial-connect:display-plug')).toContain('Hang the test extension on its flex first');
        expect(text(plan, 'trial-off:battery-plug')).toContain('The test extension comes off');
        expect(text(plan, 'prepare-new')).toContain('Peel off: film on the back.');
        expect(text(plan, 'prepare-new')).not.toContain('outer film on the glass.');
    });

    it.each([
        ['quillon-vesper', 'glass-only'],
        ['brasca-larch', 'display-with-frame'],
        ['tivane-quire', 'display-with-small-parts'],
        ['maruvi-cobnut', 'digitizer-only'],
    ])('is worded for every step of the %s, %s, with every figure put in', (phone, kind) => {
        const plan = planOf(phone, kind);
        expect(plan.steps.length).toBeGreaterThan(20);
        for (const step of plan.steps) {
            const lines = [stepTitle(step), ...stepText(step), ...stepFigures(step).map((f) => f.value)];
            expect(lines.length, step.id).toBeGreaterThan(1);
            for (const line of lines) {
                expect(line, step.id).not.toMatch(/\{\w+\}|undefined|NaN|^(?:step|text|note|thing)\./);
                expect(line.trim(), step.id).not.toBe('');
            }
        }
    });

    it('gives a blade its tip and pace, and screws their length and count', () => {
        const plan = planOf('quillon-vesper', 'display-assembly');
        const figures = (id: string) => {
            const step = plan.steps.find((s) => s.id === id);
            return step ? stepFigures(step, moveOf(plan, step)?.way ?? null).map((f) => f.name) : [];
        };
        expect(figures('cut-pass:seal')).toEqual(['', 'Tip', 'Pace']);
        expect(figures('unscrew:tail-screws')).toEqual(['', 'Length', 'Count']);
        expect(figures('power-off')).toEqual([]);
    });
});
