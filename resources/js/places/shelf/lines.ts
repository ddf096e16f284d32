import type { Schemas } from '../../api/client';
import type { ReplacementKind } from '../../api/sets';
import { say } from '../../words/words';

export type Line = Schemas['OrderLine'];

/** What a line is about, once in a list. */
export const keyOf = (l: Line): string => [l.of, l.phone, l.kind, l.width].join(' ');

/** What it is called. */
export function nameOf(l: Line): string {
    return l.kind !== null
        ? `${l.name ?? ''}, ${say(`kind.${l.kind}`).toLowerCase()}`
        : say(`stocked.${l.of}`, { width: l.width });
}

/** An amount with its unit; whole ones have none. */
export function amountOf(l: Pick<Line, 'of'>, amount: number): string {
    return l.of === 'tape'
        ? say('page.reorder.metres', { amount: round(amount) })
        : l.of === 'glue'
          ? say('page.reorder.millilitres', { amount: round(amount) })
          : String(Math.round(amount));
}

/** What was used, and by how many jobs; of parts one a job. */
export function usedOf(l: Line): string {
    if (l.jobs === 0) {
        return say('page.reorder.not-used');
    }
    const amount = amountOf(l, l.used);
    return l.of === 'part'
        ? amount
        : l.jobs === 1
          ? say('page.reorder.in-one-job', { amount })
          : say('page.reorder.in-jobs', { amount, jobs: l.jobs });
}

/** As much as can be told from what is booked out by the step: a tenth. */
const round = (amount: number): number => Math.round(10 * amount) / 10;

/** A part that was not used yet and of which the shop keeps none so far. */
export const emptyLine = (phone: Schemas['PhoneSummary'], kind: ReplacementKind): Line => ({
    of: 'part',
    // Levels are kept of a phone, whichever version its file has.
    phone: phone.file,
    name: `${phone.maker} ${phone.model}`,
    kind,
    width: null,
    have: 0,
    used: 0,
    jobs: 0,
    level: 0,
    set: null,
    leadDays: 5,
    leadFrom: 'assumed',
    order: 0,
    version: 0,
});
