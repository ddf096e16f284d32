import { describe, expect, it } from 'vitest';
import { read, usualMonths, written } from '../../../resources/js/places/record/asked';

describe('what is asked of the record', () => {
    it('stands in the address and is read from it again', () => {
        const asked = read(
            new URLSearchParams('question=promises&by=kind&from=2026-01&to=2026-03&days=90&behind=glass-only&hits=1'),
        );
        expect(asked).toEqual({
            page: 'promises',
            facet: 'kind',
            from: '2026-01',
            to: '2026-03',
            days: 90,
            behind: 'glass-only',
            hits: true,
        });
        expect(read(new URLSearchParams(written(asked)))).toEqual(asked);
    });

    it('leaves out what makes no sense', () => {
        const asked = read(new URLSearchParams('question=why&by=colour&from=2026-13&to=soon&days=0.5'));
        expect(asked).toMatchObject({ page: 'comebacks', facet: null, from: null, to: null, days: null });
        expect(written(asked)).toEqual({ question: 'comebacks' });
    });

    it('looks at a year, this month included', () => {
        expect(usualMonths(new Date(2026, 10, 27).getTime())).toEqual({ from: '2025-12', to: '2026-11' });
        expect(usualMonths(new Date(2026, 0, 31).getTime())).toEqual({ from: '2025-02', to: '2026-01' });
    });
});
