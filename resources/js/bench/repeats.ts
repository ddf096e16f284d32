import type { Plan, Step } from '../api/client';
import { moveOf } from '../mat/marks';
import { stepTitle } from '../words/stepWords';
import { say } from '../words/words';

/** What tells a step apart from others of the same words, by the step's id. */
export type Repeats = ReadonlyMap<string, string>;

const HEATS = new Set<Step['kind']>(['heat', 'reheat']);

/**
 * Which of how many it is, and for a heating which edge it is for: "2 of 3, for: Cut the top edge". Steps whose words
 * stand once say nothing more.
 */
export function repeatsOf(plan: Plan): Repeats {
    const same = new Map<string, string[]>();
    for (const s of plan.steps) {
        const title = stepTitle(s);
        same.set(title, [...(same.get(title) ?? []), s.id]);
    }
    const told = new Map<string, string>();
    plan.steps.forEach((s, i) => {
        const all = same.get(stepTitle(s)) ?? [];
        const which = all.length > 1 ? say('page.repeats.of', { at: all.indexOf(s.id) + 1, of: all.length }) : null;
        const next = HEATS.has(s.kind)
            ? plan.steps.slice(i + 1).find((later) => moveOf(plan, later)?.way != null)
            : undefined;
        const where = next === undefined ? null : say('page.repeats.before', { next: stepTitle(next) });
        const words = [which, where].filter((w) => w !== null).join(', ');
        if (words !== '') {
            told.set(s.id, words);
        }
    });
    return told;
}
