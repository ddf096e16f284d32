import type { BenchEvent, BenchState, Plan, Step } from '../api/client';
import { ledgerFrom, type Ledger } from './ledger';

export interface Done {
    event: string;
    at: number;
    /** Screws that were said to have come out or gone in; null for as many as planned. */
    count: number | null;
    reason: string | null;
}

export type Place = BenchState['wet'][number];

/**
 * Where a run stands on this screen: what the server has kept, and what was confirmed here and still waits to be
 * sent.
 */
export interface Run {
    done: ReadonlyMap<string, Done>;
    timers: ReadonlyMap<string, number>;
    tests: ReadonlyMap<string, string>;
    waived: ReadonlyMap<string, string>;
    wet: ReadonlySet<Place>;
    soaked: boolean;
    batteryIn: boolean;
    /** The server's, or the server's with what waits laid over it. */
    ledger: Ledger;
    /** Numbers of single screws ticked off, by step. */
    screws: ReadonlyMap<string, readonly number[]>;
    extraHeat: readonly { at: number; state: string }[];
    /** What happened to the old display's data. */
    data: BenchState['data'];
    next: Step | null;
}

/** What of a plan its run is folded by. */
export type Folded = Pick<Plan, 'steps' | 'power'>;

export const testKey = (gate: string, fn: string): string => `${gate}/${fn}`;

const text = (event: BenchEvent, key: string): string => String(event.data[key] ?? '');

const said = (event: BenchEvent): Done => ({
    event: event.id,
    at: event.at,
    count: event.data['count'] === undefined ? null : Number(event.data['count']),
    reason: event.data['reason'] === undefined ? null : text(event, 'reason'),
});

function dataAfter(data: BenchState['data'], event: BenchEvent): BenchState['data'] {
    switch (text(event, 'state')) {
        case 'kept':
            return { ...data, kept: true };
        case 'given-up':
            return { ...data, givenUp: text(event, 'why') };
        default:
            return { ...data, ended: text(event, 'ending') as BenchState['data']['ended'] };
    }
}

/** A run while waiting events are laid over it, one after the other. */
class Laid {
    readonly done: Map<string, Done>;
    readonly timers: Map<string, number>;
    readonly tests: Map<string, string>;
    readonly waived: Map<string, string>;
    readonly wet: Set<Place>;
    readonly screws: Map<string, readonly number[]>;
    readonly extraHeat: { at: number; state: string }[];
    data: BenchState['data'];
    soaked: boolean;
    /** It was said that the battery is in although its plug is off: it holds until the plug is touched again. */
    saidIn: boolean;

    constructor(
        private readonly steps: ReadonlyMap<string, Step>,
        private readonly power: string,
        state: BenchState,
    ) {
        this.done = new Map(state.done.map(({ step, ...d }) => [step, d]));
        this.timers = new Map(state.timers.map((t) => [t.step, t.at]));
        this.tests = new Map(state.tests.map((t) => [testKey(t.gate, t.function), t.outcome as string]));
        this.waived = new Map(Object.entries(state.waived));
        this.wet = new Set(state.wet);
        this.screws = new Map<string, readonly number[]>(Object.entries(state.screws));
        this.extraHeat = [...state.extraHeat];
        this.data = state.data;
        this.saidIn = state.batteryIn && state.off.includes(power);
        this.soaked = state.soaked;
    }

    lay(event: BenchEvent): void {
        const step = text(event, 'step');
        switch (event.type) {
            case 'step-done':
                this.confirm(step, said(event));
                break;
            case 'undo':
                this.takeBack(text(event, 'event'));
                break;
            case 'timer-started':
                this.timers.set(step, this.timers.get(step) ?? event.at);
                break;
            case 'test':
                this.tests.set(testKey(text(event, 'gate'), text(event, 'function')), text(event, 'outcome'));
                break;
            case 'gate-waived':
                this.waived.set(text(event, 'gate'), text(event, 'reason'));
                break;
            case 'wetted':
                this.wets(text(event, 'place') as Place);
                break;
            case 'dried':
                this.wet.delete(text(event, 'place') as Place);
                break;
            case 'battery':
                this.saidIn = text(event, 'state') === 'in';
                break;
            case 'extra-heat':
                this.extraHeat.push({ at: event.at, state: text(event, 'state') });
                break;
            case 'screw':
                this.screws.set(step, [...new Set([...(this.screws.get(step) ?? []), Number(event.data['number'])])]);
                break;
            case 'data':
                this.data = dataAfter(this.data, event);
                break;
            case 'problem':
            case 'reading':
            case 'rung':
            case 'looked':
                break;
        }
    }

    private confirm(id: string, done: Done): void {
        if (this.done.has(id)) {
            return;
        }
        this.done.set(id, done);
        const effects = this.steps.get(id)?.effects;
        if (effects?.wets) {
            this.wets(effects.wets);
        }
        if (effects?.dries) {
            this.wet.delete(effects.dries);
        }
        if (effects?.off.includes(this.power) || effects?.on.includes(this.power)) {
            this.saidIn = false;
        }
    }

    private takeBack(event: string): void {
        for (const [id, d] of this.done) {
            if (d.event === event) {
                this.done.delete(id);
                const effects = this.steps.get(id)?.effects;
                if (effects?.wets) {
                    this.wet.delete(effects.wets);
                }
                if (effects?.dries) {
                    this.wet.add(effects.dries);
                }
            }
        }
    }

    private wets(place: Place): void {
        this.wet.add(place);
        this.soaked = this.soaked || place === 'battery-well';
    }
}

export function runOf(plan: Folded, state: BenchState, waiting: readonly BenchEvent[]): Run {
    const laid = new Laid(new Map(plan.steps.map((s) => [s.id, s])), plan.power, state);
    waiting.forEach((event) => laid.lay(event));
    const ledger: Ledger =
        waiting.length > 0
            ? ledgerFrom(plan, laid.done)
            : { screws: state.screwsOut, off: state.off, parts: state.partsOut, on: state.putOn };
    return {
        done: laid.done,
        timers: laid.timers,
        tests: laid.tests,
        waived: laid.waived,
        wet: laid.wet,
        soaked: laid.soaked,
        batteryIn: !ledger.off.includes(plan.power) || laid.saidIn,
        ledger,
        screws: laid.screws,
        extraHeat: laid.extraHeat,
        data: laid.data,
        next: plan.steps.find((s) => !laid.done.has(s.id)) ?? null,
    };
}

/** The confirmation that an undo would take back: the latest one. */
export function lastDone(run: Pick<Run, 'done'>): Done | null {
    let last: Done | null = null;
    for (const d of run.done.values()) {
        if (last === null || d.at >= last.at) {
            last = d;
        }
    }
    return last;
}

/** Functions of a gate that have no outcome yet. */
export function untested(plan: Plan, run: Pick<Run, 'waived' | 'tests'>, gate: string): string[] {
    if (run.waived.has(gate)) {
        return [];
    }
    const functions = plan.gates.find((g) => g.gate === gate)?.functions ?? [];
    return functions.map((f) => f.function).filter((f) => !run.tests.has(testKey(gate, f)));
}

/** Whatever is done to a warm bond by hand may need heat once more. */
export const mayHeatAgain = (kind: Step['kind']): boolean =>
    ['first-gap', 'alcohol', 'cut-pass', 'lift'].includes(kind);

/** The steps that are moves of one bond, in the order of its opening. */
export const movesOf = (plan: Plan, bond: string): Step[] => plan.steps.filter((s) => s.move?.bond === bond);

const isHeating = (step: Step): boolean => step.kind === 'heat' || step.kind === 'reheat';

const openingOf = (plan: Plan, bond: string) => plan.openings.find((o) => o.bond === bond);

/** Seconds into the estimated curves of a bond at a moment; null before the first heating has begun. */
export function modelTime(plan: Plan, run: Run, bond: string, now: number): number | null {
    const moves = movesOf(plan, bond);
    const phases = openingOf(plan, bond)?.phases ?? [];
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

export type Heat =
    | { kind: 'none' }
    | { kind: 'heating'; since: number; seconds: number }
    | { kind: 'working'; until: number }
    | { kind: 'held'; keptAt: number };

/** What the clock of a cutting step shows: heating again, or the time until the bond grips. */
export function heatOf(plan: Plan, run: Run, bond: string): Heat {
    const heats = movesOf(plan, bond).filter(isHeating);
    const grips = (step: Step | undefined): number =>
        openingOf(plan, bond)?.moves[step?.move?.index ?? -1]?.end.grips ?? 0;
    const reheat = heats[1] ?? heats[0];
    const last = [...heats].reverse().find((m) => run.done.has(m.id));
    const extra = run.extraHeat[run.extraHeat.length - 1];
    const lifted = last && run.done.get(last.id)?.at;
    if (extra && lifted !== undefined && extra.at >= lifted) {
        return extra.state === 'on'
            ? { kind: 'heating', since: extra.at, seconds: reheat?.wait ?? 60 }
            : { kind: 'working', until: extra.at + grips(reheat) * 1000 };
    }
    if (lifted === undefined || !last) {
        return { kind: 'none' };
    }
    const hand = movesOf(plan, bond).find((m) => !run.done.has(m.id));
    const keptAt = openingOf(plan, bond)?.moves[hand?.move?.index ?? -1]?.keptAt;
    return keptAt === undefined ? { kind: 'working', until: lifted + grips(last) * 1000 } : { kind: 'held', keptAt };
}
