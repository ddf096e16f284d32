import { useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { every } from '../../api/sets';

export type Question = Schemas['RecordQuestion'];
export type Facet = Schemas['Facet'];

const MONTH = /^20\d\d-(?:0[1-9]|1[0-2])$/;
const FACETS = every<Facet>({
    all: true,
    way: true,
    adhesive: true,
    supplier: true,
    batch: true,
    kind: true,
    phone: true,
    technician: true,
});
const isFacet = (word: string | null): word is Facet => FACETS.some((f) => f === word);

/** What the record can be asked, in the order in which it is listed. */
export const PAGES = [
    'comebacks',
    'adhesives',
    'suppliers',
    'earned',
    'promises',
    'estimates',
    'changed',
    'figures',
] as const;
export type RecordPage = (typeof PAGES)[number];
const isPage = (word: string | null): word is RecordPage => PAGES.some((p) => p === word);

export interface Asked {
    page: RecordPage;
    facet: Facet | null;
    from: string | null;
    to: string | null;
    days: number | null;
    /** The value whose jobs are shown; null for none, '' for all. */
    behind: string | null;
    /** True to see only those that it happened to. */
    hits: boolean;
}

/** What is asked stands in the address: a question can be kept, sent and printed. Nonsense there is left out. */
export function useAsked(): [Asked, (change: Partial<Asked>) => void] {
    const [params, setParams] = useSearchParams();
    const asked = read(params);
    return [asked, (change) => setParams(written({ ...asked, ...change }), { preventScrollReset: true })];
}

export function read(params: URLSearchParams): Asked {
    const month = (key: string): string | null => {
        const word = params.get(key);
        return word !== null && MONTH.test(word) ? word : null;
    };
    const [page, facet, days] = [params.get('question'), params.get('by'), Number(params.get('days'))];
    return {
        page: isPage(page) ? page : 'comebacks',
        facet: isFacet(facet) ? facet : null,
        from: month('from'),
        to: month('to'),
        days: Number.isInteger(days) && days >= 1 && days <= 1500 ? days : null,
        behind: params.get('behind'),
        hits: params.get('hits') === '1',
    };
}

export function written(asked: Asked): Record<string, string> {
    return {
        question: asked.page,
        ...(asked.facet === null ? {} : { by: asked.facet }),
        ...(asked.from === null ? {} : { from: asked.from }),
        ...(asked.to === null ? {} : { to: asked.to }),
        ...(asked.days === null ? {} : { days: String(asked.days) }),
        ...(asked.behind === null ? {} : { behind: asked.behind }),
        ...(asked.hits ? { hits: '1' } : {}),
    };
}

/** The months that are looked at while none are asked for: a year, this month included. */
export function usualMonths(now: number): { from: string; to: string } {
    const month = (back: number): string => {
        const at = new Date(now);
        return new Date(Date.UTC(at.getFullYear(), at.getMonth() - back, 15)).toISOString().slice(0, 7);
    };
    return { from: month(11), to: month(0) };
}

/** The months, for a question to the server. */
export const months = (asked: Asked): { from?: string; to?: string } => ({
    ...(asked.from === null ? {} : { from: asked.from }),
    ...(asked.to === null ? {} : { to: asked.to }),
});
