import type { PhoneFile, Plan, Step } from '../api/client';
import type { Run } from './run';

export interface Ledger {
    screws: { id: string; name: string; driver: string; length: number; out: number; all: number }[];
    off: { id: string; name: string }[];
    parts: { id: string; name: string; where: 'dish' | 'old'; paired: boolean }[];
    /** What came out and sits on the new part by now. */
    moved: { id: string; name: string }[];
    on: string[];
    wet: string[];
}

const net = (steps: readonly Step[], plus: (s: Step) => readonly string[], minus: (s: Step) => readonly string[]): string[] => {
    const count = new Map<string, number>();
    for (const s of steps) {
        plus(s).forEach((id) => count.set(id, (count.get(id) ?? 0) + 1));
        minus(s).forEach((id) => count.set(id, (count.get(id) ?? 0) - 1));
    }
    return [...count].filter(([, n]) => n > 0).map(([id]) => id);
};

/** True if a part sits on one that is replaced, straight or by way of others. */
function sitsOn(phone: PhoneFile, id: string, replaced: readonly string[]): boolean {
    const carrier = phone.parts.find((p) => p.id === id)?.carriedBy;
    return carrier !== undefined && (replaced.includes(carrier) || sitsOn(phone, carrier, replaced));
}

/** Stays on the glass through the work and comes off before the customer's eyes; not astray. */
export const AT_HAND_OVER = 'film-front';

/** What was put on and has not come off: tape, prop, clamps, films of the new part. */
export const thingsOn = (plan: Plan, run: Pick<Run, 'done'>): string[] =>
    net(
        plan.steps.filter((s) => run.done.has(s.id)),
        (s) => s.effects.puts,
        (s) => s.effects.takes,
    );

/** Everything that is not where it belongs, from what was confirmed so far. */
export function ledgerOf(phone: PhoneFile, plan: Plan, run: Pick<Run, 'done' | 'wet'>): Ledger {
    const done = plan.steps.filter((s) => run.done.has(s.id));
    const name = (id: string): string => [...phone.parts, ...phone.connectors].find((e) => e.id === id)?.name ?? id;
    const groups = new Map<string, { out: number; all: number }>();
    for (const s of done) {
        for (const [id, n] of Object.entries(s.effects.screwsOut)) {
            groups.set(id, { out: n, all: n });
        }
        for (const [id, n] of Object.entries(s.effects.screwsIn)) {
            const g = groups.get(id);
            groups.set(id, { out: Math.max(0, (g?.out ?? 0) - n), all: g?.all ?? n });
        }
    }
    return {
        screws: [...groups]
            .filter(([, g]) => g.out > 0)
            .map(([id, g]) => {
                const f = phone.fasteners.find((x) => x.id === id);
                return { id, name: f?.name ?? id, driver: f?.driver ?? '', length: f?.length ?? 0, ...g };
            }),
        off: net(
            done,
            (s) => s.effects.off,
            (s) => s.effects.on,
        ).map((id) => ({ id, name: name(id) })),
        parts: net(
            done,
            (s) => s.effects.out,
            (s) => s.effects.in,
        ).map((id) => {
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
        on: thingsOn(plan, run),
        wet: [...run.wet],
    };
}

/** The next screw of a step that is not ticked off yet; null if the step has none, or none left. */
export function nextScrew(plan: Plan, step: Step, ticked: readonly number[]): number | null {
    const groups = [...Object.keys(step.effects.screwsOut), ...Object.keys(step.effects.screwsIn)];
    return plan.screws.find((s) => groups.includes(s.fastener) && !ticked.includes(s.number))?.number ?? null;
}
