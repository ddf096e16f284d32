import type { BenchEvent, BenchState, Plan, Step } from '../api/client';

export interface Done {
    event: string;
    at: number;
}

/** Where a run stands on this screen: what the server has kept, and what was confirmed here and still waits to be sent. */
export interface Run {
    done: ReadonlyMap<string, Done>;
    timers: ReadonlyMap<string, number>;
    tests: ReadonlyMap<string, string>;
    waived: ReadonlyMap<string, string>;
    wet: ReadonlySet<string>;
    soaked: boolean;
    batteryIn: boolean;
    /** Numbers of single screws ticked off, by step. */
    screws: ReadonlyMap<string, readonly number[]>;
    extraHeat: readonly { at: number; state: string }[];
    next: Step | null;
}

export const testKey = (gate: string, fn: string): string => `${gate}/${fn}`;

const text = (event: BenchEvent, key: string): string => String(event.data[key] ?? '');

export function runOf(plan: Plan, state: BenchState, waiting: readonly BenchEvent[]): Run {
    const done = new Map(state.done.map((d) => [d.step, { event: d.event, at: d.at }]));
    const timers = new Map(state.timers.map((t) => [t.step, t.at]));
    const tests = new Map(state.tests.map((t) => [testKey(t.gate, t.function), t.outcome as string]));
    const waived = new Map(Object.entries(state.waived));
    const wet = new Set(state.wet);
    const screws = new Map<string, readonly number[]>(Object.entries(state.screws));
    let batteryIn = state.batteryIn;
    const extraHeat: { at: number; state: string }[] = [...state.extraHeat];
    for (const event of waiting) {
        switch (event.type) {
            case 'step-done':
                if (!done.has(text(event, 'step'))) {
                    done.set(text(event, 'step'), { event: event.id, at: event.at });
                }
                break;
            case 'undo':
                for (const [step, d] of done) {
                    if (d.event === text(event, 'event')) {
                        done.delete(step);
                    }
                }
                break;
            case 'timer-started':
                if (!timers.has(text(event, 'step'))) {
                    timers.set(text(event, 'step'), event.at);
                }
                break;
            case 'test':
                tests.set(testKey(text(event, 'gate'), text(event, 'function')), text(event, 'outcome'));
                break;
            case 'gate-waived':
                waived.set(text(event, 'gate'), text(event, 'reason'));
                break;
            case 'wetted':
                wet.add(text(event, 'place'));
                break;
            case 'dried':
                wet.delete(text(event, 'place'));
                break;
            case 'battery':
                batteryIn = text(event, 'state') === 'in';
                break;
            case 'extra-heat':
                extraHeat.push({ at: event.at, state: text(event, 'state') });
                break;
            case 'screw':
                screws.set(text(event, 'step'), [...(screws.get(text(event, 'step')) ?? []), Number(event.data['number'])]);
                break;
            case 'problem':
            case 'reading':
            case 'rung':
                break;
        }
    }
    return { done, timers, tests, waived, wet, soaked: state.soaked, batteryIn, screws, extraHeat, next: plan.steps.find((s) => !done.has(s.id)) ?? null };
}

/** The confirmation that an undo would take back: the latest one. */
export function lastDone(run: Run): Done | null {
    let last: Done | null = null;
    for (const d of run.done.values()) {
        if (last === null || d.at >= last.at) {
            last = d;
        }
    }
    return last;
}

/** Functions of a gate that have no outcome yet. */
export function untested(plan: Plan, run: Run, gate: string): string[] {
    if (run.waived.has(gate)) {
        return [];
    }
    const functions = plan.gates.find((g) => g.gate === gate)?.functions ?? [];
    return functions.map((f) => f.function).filter((f) => !run.tests.has(testKey(gate, f)));
}

const HEAT_STEPS = new Set(['heat', 'reheat', 'cool', 'first-gap', 'alcohol', 'cut-pass']);

/** Whatever is done to a warm bond by hand may need heat once more. */
export const mayHeatAgain = (kind: Step['kind']): boolean => ['first-gap', 'alcohol', 'cut-pass', 'lift'].includes(kind);

/** The moves of one bond, in the order of the opening's phases. */
export const movesOf = (plan: Plan, bond: string): Step[] => plan.steps.filter((s) => HEAT_STEPS.has(s.kind) && s.subjects[0] === bond);

/** Seconds into the estimated curves of a bond at a moment; null before the first heating has begun. */
export function modelTime(plan: Plan, run: Run, bond: string, now: number): number | null {
    const moves = movesOf(plan, bond);
    const phases = plan.openings.find((o) => o.bond === bond)?.phases ?? [];
    const at = moves.findIndex((m) => !run.done.has(m.id));
    if (at === -1) {
        return phases[phases.length - 1]?.to ?? null;
    }
    const phase = phases[at];
    const move = moves[at];
    if (!phase || !move) {
        return null;
    }
    const previous = moves[at - 1];
    const began = move.wait > 0 ? run.timers.get(move.id) : previous && run.done.get(previous.id)?.at;
    if (began === undefined) {
        return at === 0 ? null : phase.from;
    }
    return Math.min(phase.from + Math.max(0, (now - began) / 1000), phase.to);
}

export type Heat = { kind: 'none' } | { kind: 'heating'; since: number; seconds: number } | { kind: 'working'; until: number };

/** What the clock of a cutting step shows: heating again, or the time until the bond grips. */
export function heatOf(plan: Plan, run: Run, bond: string): Heat {
    const heats = movesOf(plan, bond).filter((m) => m.wait > 0 && m.kind !== 'cool');
    const reheat = heats[1] ?? heats[0];
    const last = [...heats].reverse().find((m) => run.done.has(m.id));
    const extra = run.extraHeat[run.extraHeat.length - 1];
    const lifted = last && run.done.get(last.id)?.at;
    if (extra && lifted !== undefined && extra.at >= lifted) {
        const grips = Number(reheat?.figures['grips'] ?? 0);
        return extra.state === 'on' ? { kind: 'heating', since: extra.at, seconds: reheat?.wait ?? 60 } : { kind: 'working', until: extra.at + grips * 1000 };
    }
    return lifted === undefined || !last ? { kind: 'none' } : { kind: 'working', until: lifted + Number(last.figures['grips']) * 1000 };
}
