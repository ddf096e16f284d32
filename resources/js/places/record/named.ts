import { capital, isWorded, say } from '../../words/words';
import type { Facet } from './asked';

/** Percent, as precise as it is known. */
export const percent = (share: number): string =>
    `${share < 0 ? '−' : ''}${Math.abs(100 * share).toFixed(Math.abs(share) < 0.0995 ? 1 : 0)}\u00A0%`;

/** A round one, at an axis. */
export const roundPercent = (share: number): string => `${Math.round(1000 * share) / 10}\u00A0%`;

const PREFIX: Partial<Record<Facet, string>> = { way: 'way', kind: 'kind' };

/** What jobs are told apart by, in words. */
export function valueName(facet: Facet, value: string, name?: string): string {
    const key = `${PREFIX[facet] ?? ''}.${value}`;
    if (facet === 'all') {
        return say('page.record.all-jobs');
    }
    if (isWorded(key)) {
        return capital(say(key));
    }
    if (facet === 'adhesive' && value === '') {
        return say('page.record.make-not-told');
    }
    const said = name ?? value;
    return said === '' || said === 'none' ? say('page.record.unknown') : said;
}

const NAMES = new Intl.DateTimeFormat('en-GB', { month: 'short', year: '2-digit', timeZone: 'UTC' });

/** `Nov 26` of `2026-11` or `2026-11-01`. */
export const monthName = (month: string): string => NAMES.format(new Date(`${month.slice(0, 7)}-15T00:00:00Z`));
