import type { PhoneFile, Plan, Step } from '../api/client';
import { heatingOf, heatWords, type Heated, type HeatWords } from './heat';
import { nextScrew } from './ledger';
import { heatOf, mayHeatAgain, modelTime, movesOf, untested, type Heat, type Run } from './run';

export type Opening = Plan['openings'][number];

/** What the bench shows of a step, whatever the time is: it changes with what is done, not with the clock. */
export interface BenchView {
    /** The step at hand, or the one that is looked at; null when all are done. */
    step: Step | null;
    /** True while another step than the one at hand is looked at. */
    looking: boolean;
    done: boolean;
    /** When its clock was started, ms; undefined if it was not. */
    started: number | undefined;
    /** Functions of its gate that have no outcome yet. */
    untested: readonly string[];
    /** The opening whose temperatures matter here, and its name. */
    opening: Opening | null;
    bondName: string;
    /** The heating that a reading belongs to: the last one begun. */
    heating: string | null;
    /** What the plan itself says of the heat, until the server has answered. */
    heat: Heat;
    mayHeatAgain: boolean;
    ticked: readonly number[];
    nextScrew: number | null;
    /** True while the old part is still on the phone: the cracks drawn at check-in are in sight. */
    oldGlass: boolean;
    doneSteps: ReadonlySet<string>;
}

export function benchView(plan: Plan, run: Run, phone: PhoneFile, looking: string | null): BenchView {
    const step = plan.steps.find((s) => s.id === looking) ?? run.next;
    const opening = step === null ? null : openingAt(plan, step, phone);
    const ticked = (step && run.screws.get(step.id)) ?? [];
    const heat = opening ? heatOf(plan, run, opening.bond) : ({ kind: 'none' } as const);
    return {
        step,
        looking: step !== run.next,
        done: step !== null && run.done.has(step.id),
        started: step ? run.timers.get(step.id) : undefined,
        untested: step?.gate ? untested(plan, run, step.gate) : [],
        opening,
        bondName: phone.bonds.find((b) => b.id === opening?.bond)?.name ?? opening?.bond ?? '',
        heating: opening && heatingOf(movesOf(plan, opening.bond), run),
        heat,
        mayHeatAgain: heat.kind !== 'none' && step !== null && mayHeatAgain(step.kind),
        ticked,
        nextScrew: step && nextScrew(plan, step, ticked),
        oldGlass: step !== null && plan.steps.indexOf(step) <= plan.steps.findIndex((s) => s.kind === 'set-aside'),
        doneSteps: new Set(run.done.keys()),
    };
}

/** What the clock adds: where on the strip the moment stands, and what the heat asks for. */
export interface Moment {
    /** Seconds into the curves; null before the first heating has begun. */
    at: number | null;
    words: HeatWords | null;
}

/** @param real the heating as it really went; null until one has begun and the server has answered */
export function momentOf(plan: Plan, run: Run, opening: Opening, real: Heated | null, now: number): Moment {
    return real === null
        ? { at: modelTime(plan, run, opening.bond, now), words: null }
        : {
              at: Math.max(0, (now - real.from) / 1000),
              words: heatWords(real, opening.limits.batteryStop, now),
          };
}

/** The opening whose temperatures matter at a step: that of the bond being heated and cut, or lifted off. */
function openingAt(plan: Plan, step: Step, phone: PhoneFile): Opening | null {
    const lifts = (o: Opening) => phone.bonds.find((b) => b.id === o.bond)?.joins[0] === step.subjects[0];
    if (step.move) {
        return plan.openings.find((o) => o.bond === step.move?.bond) ?? null;
    }
    return step.kind === 'lift' ? (plan.openings.find(lifts) ?? null) : null;
}
