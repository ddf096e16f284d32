import type { Plan, Step } from '../../api/client';
import { screwsOf } from '../../bench/ledger';
import type { Transferring } from '../../calibration/useTransfer';
import { say } from '../../words/words';

/** True while the programmer has something to do at the step. */
export const programs = (t: Transferring | null): t is Transferring => t !== null && !t.ready;

export const transferLabel = ({ busy, state, socket }: Transferring): string =>
    busy
        ? say('page.transfer.busy')
        : state !== null && state.trouble !== null
          ? say('page.transfer.try-again')
          : say(`begin.${socket}`);

/** True if the source stays on when the clock of a heating is out: the next move is made beside it. */
function goesOnHeld(plan: Plan, step: Step): boolean {
    const moves = plan.openings.find((o) => o.bond === step.move?.bond)?.moves;
    return moves?.[(step.move?.index ?? -1) + 1]?.keptAt !== undefined;
}

/** What the big button says before the clock of a step is started. */
export function startLabel(step: Step): string {
    return step.kind === 'heat' || step.kind === 'reheat'
        ? say('page.step-card.heat-is-on-start-the-clock')
        : step.kind === 'clamp'
          ? say('page.step-card.clamps-on-start-the-clock')
          : say('page.step-card.start-the-clock');
}

/** What the big button says when the step is to be confirmed. */
export function doneLabel(plan: Plan, step: Step): string {
    switch (step.kind) {
        case 'heat':
        case 'reheat':
            return goesOnHeld(plan, step) ? say('page.step-card.warm-begin') : say('page.step-card.off-the-heat');
        case 'first-gap':
        case 'cut-pass':
            return say('page.step-card.done-pick-placed');
        case 'unscrew':
            return say('page.step-card.done-on-the-mat', { step: screwsOf(step) });
        case 'screw-in':
            return say('page.step-card.done-in', { step: screwsOf(step) });
        case 'plug-in':
            return say('page.step-card.done-felt-it-click');
        case 'alcohol':
            return say('page.step-card.done-it-creeps-in');
        case 'confirm-dry':
            return say('page.step-card.it-is-dry');
        case 'gate':
            return say('page.step-card.gate-passed-on');
        default:
            return say('page.step-card.done');
    }
}
