import type { Plan } from '../../api/client';
import type { BenchView } from '../../bench/benchView';
import { passAt } from '../../bench/drag';
import { lastDone, type Run } from '../../bench/run';
import { report } from '../../bench/useOutbox';

/** What a hand may do at the step that is shown; true if something was done that moves the bench on. */
export function handsOn(job: string, plan: Plan, run: Run, view: BenchView, mayWork: boolean) {
    const { step } = view;
    return {
        go: (): boolean => {
            if (!step || !mayWork || view.done || view.untested.length > 0) {
                return false;
            }
            if (step.wait > 0 && view.started === undefined) {
                report(job, 'timer-started', { step: step.id });
                return false;
            }
            report(job, 'step-done', { step: step.id });
            return true;
        },
        easily: (): boolean => {
            if (!step || !mayWork || view.done || view.looking || passAt(plan, step) === null) {
                return false;
            }
            report(job, 'step-done', { step: step.id, felt: 'easily' });
            return true;
        },
        undo: (): boolean => {
            const last = lastDone(run);
            if (!last || !mayWork) {
                return false;
            }
            report(job, 'undo', { event: last.event });
            return true;
        },
        leaveOut: (): void => {
            if (step?.kind === 'lay-seal' && mayWork && !view.done) {
                report(job, 'step-done', { step: step.id, renewed: 'no' });
            }
        },
        heatAgain: (): void => {
            if (mayWork && view.mayHeatAgain) {
                report(job, 'extra-heat', { state: view.heat.kind === 'heating' ? 'off' : 'on' });
            }
        },
        tick: (number: number): void => {
            if (mayWork && step && !view.done) {
                report(job, 'screw', { step: step.id, number });
            }
        },
    };
}
