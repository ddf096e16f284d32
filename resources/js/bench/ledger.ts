import type { PhoneFile, Plan, Step } from '../api/client';
import type { Done, Run } from './run';

/** What is out, off and on; the same as the server keeps. */
export interface Ledger {
    /** On the mat, by group; none with zero. */
    screws: Readonly<Record<string, number>>;
    off: readonly string[];
    parts: readonly string[];
    on: Readonly<Record<string, number>>;
}

/** The same in words, for the drawer "what is where". */
export interface Whereabouts {
    screws: { id: string; name: string; driver: string; length: number; out: number; all: number }[];
    off: { id: string; name: string }[];
    parts: { id: string; name: string; where: 'dish' | 'old'; paired: boolean }[];
    /** What came out and sits on the new part by now. */
    moved: { id: string; name: string }[];
    on: string[];
    wet: string[];
}

/** With these the rest of a group is accounted for; after any other reason it lies on the mat still. */
const ACCOUNTED: ReadonlySet<string> = new Set(['no-hole', 'lost-and-replaced']);

class Counter {
    private readonly counts = new Map<string, number>();

    add(ids: readonly string[], by: 1 | -1): void {
        ids.forEach((id) => this.counts.set(id, (this.counts.get(id) ?? 0) + by));
    }

    left(): [string, number][] {
        return [...this.counts].filter(([, n]) => n > 0);
    }
}

function screwsOn(steps: readonly Step[], done: ReadonlyMap<string, Done>): Record<string, number> {
    const out = new Map<string, number>();
    for (const s of steps) {
        const { count = null, reason = null } = done.get(s.id) ?? {};
        const all = count === null || (reason !== null && ACCOUNTED.has(reason));
        for (const [id, n] of Object.entries(s.effects.screwsOut)) {
            out.set(id, (out.get(id) ?? 0) + (count ?? n));
        }
        for (const [id, n] of Object.entries(s.effects.screwsIn)) {
            out.set(id, (out.get(id) ?? 0) - (all ? (out.get(id) ?? n) : count));
        }
    }
    return Object.fromEntries([...out].filter(([, n]) => n > 0));
}

/** What follows from the confirmations, in the order of the plan. */
export function ledgerFrom(plan: Pick<Plan, 'steps'>, done: ReadonlyMap<string, Done>): Ledger {
    const steps = plan.steps.filter((s) => done.has(s.id));
    const [off, parts, on] = [new Counter(), new Counter(), new Counter()];
    for (const { effects } of steps) {
        off.add(effects.off, 1);
        off.add(effects.on, -1);
        parts.add(effects.out, 1);
        parts.add(effects.in, -1);
        on.add(effects.puts, 1);
        on.add(effects.takes, -1);
    }
    const ids = (c: Counter): string[] => c.left().map(([id]) => id);
    return { screws: screwsOn(steps, done), off: ids(off), parts: ids(parts), on: Object.fromEntries(on.left()) };
}

/** True if a part sits on one that is replaced, straight or by way of others. */
function sitsOn(phone: PhoneFile, id: string, replaced: readonly string[]): boolean {
    const carrier = phone.parts.find((p) => p.id === id)?.carriedBy;
    return carrier !== undefined && (replaced.includes(carrier) || sitsOn(phone, carrier, replaced));
}

/** Stays on the glass through the work and comes off before the customer's eyes; not astray. */
export const AT_HAND_OVER = 'film-front';

/** Everything that is not where it belongs, with its names. */
export function whereabouts(phone: PhoneFile, plan: Plan, run: Pick<Run, 'done' | 'wet' | 'ledger'>): Whereabouts {
    const done = plan.steps.filter((s) => run.done.has(s.id));
    const name = (id: string): string => [...phone.parts, ...phone.connectors].find((e) => e.id === id)?.name ?? id;
    const cameOut = (id: string): number => done.reduce((n, s) => n + (s.effects.screwsOut[id] ?? 0), 0);
    return {
        screws: Object.entries(run.ledger.screws).map(([id, out]) => {
            const f = phone.fasteners.find((x) => x.id === id);
            return { id, name: f?.name ?? id, driver: f?.driver ?? '', length: f?.length ?? 0, out, all: cameOut(id) };
        }),
        off: run.ledger.off.map((id) => ({ id, name: name(id) })),
        parts: run.ledger.parts.map((id) => {
            const part = phone.parts.find((p) => p.id === id);
            return {
                id,
                name: name(id),
                where: plan.route.discarded.includes(id) ? 'old' : 'dish',
                paired: part?.pairing !== undefined && part.pairing !== 'none',
            };
        }),
        moved: [...new Set(done.flatMap((s) => s.effects.in))]
            .filter((id) => !plan.route.discarded.includes(id) && sitsOn(phone, id, plan.route.discarded))
            .map((id) => ({ id, name: name(id) })),
        on: Object.keys(run.ledger.on),
        wet: [...run.wet],
    };
}

/** The next screw of a step that is not ticked off yet; null if the step has none, or none left. */
export function nextScrew(plan: Plan, step: Step, ticked: readonly number[]): number | null {
    const groups = [...Object.keys(step.effects.screwsOut), ...Object.keys(step.effects.screwsIn)];
    return plan.screws.find((s) => groups.includes(s.fastener) && !ticked.includes(s.number))?.number ?? null;
}

/** Screws that a step moves as planned. */
export const screwsOf = (step: Step): number =>
    [...Object.values(step.effects.screwsOut), ...Object.values(step.effects.screwsIn)].reduce((sum, n) => sum + n, 0);
