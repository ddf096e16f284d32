import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { day, say } from '../../words/words';
import { valueName } from './named';

interface Props {
    query: {
        question: Schemas['RecordQuestion'];
        facet: Schemas['Facet'];
        value: string;
        hits: '0' | '1';
        from?: string;
        to?: string;
        days?: number;
    };
}

/** The jobs behind a figure, the latest first. */
export function Behind({ query }: Props) {
    const found = useInfiniteQuery({
        queryKey: ['record', 'behind', query],
        queryFn: ({ pageParam }) =>
            take(
                api.GET('/api/record/jobs', {
                    params: { query: { ...query, ...(pageParam === null ? {} : { before: pageParam }) } },
                }),
            ),
        initialPageParam: null as number | null,
        getNextPageParam: (last) => last.next,
    });
    const here = useRef<HTMLDivElement>(null);
    useEffect(() => {
        here.current?.scrollIntoView({ block: 'nearest' });
    }, [query.value, query.hits, found.isSuccess]);
    const jobs = found.data?.pages.flatMap((p) => p.data) ?? [];
    return (
        <Box component="section" id="behind" aria-labelledby="behind-it" ref={here} sx={{ scrollMarginTop: 80 }}>
            <Typography id="behind-it" component="h2" variant="h2" sx={{ mb: 1 }}>
                {say('page.record.jobs-behind', { name: valueName(query.facet, query.value) })}
            </Typography>
            {found.error && <Note tone="stop">{found.error.message}</Note>}
            {found.isSuccess && jobs.length === 0 && <div>{say('page.record.no-jobs')}</div>}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
                {jobs.map((j) => (
                    <Box
                        component="li"
                        key={j.id}
                        sx={{ display: 'flex', gap: 2, bgcolor: 'background.paper', px: 2, py: 1, flexWrap: 'wrap' }}
                    >
                        <Box component="span" sx={{ width: 72 }}>
                            <Link to={`/jobs/${j.id}/hand-over`}>{j.tag}</Link>
                        </Box>
                        <Box component="span" sx={{ width: 72, fontVariantNumeric: 'tabular-nums' }}>
                            {day(j.closed.slice(0, 10))}
                        </Box>
                        <Box component="span" sx={{ flex: 1, minWidth: 220 }}>
                            {[j.phone, valueName('kind', j.kind), valueName('way', j.way), j.supplier].join(' · ')}
                        </Box>
                        <b>{what(j)}</b>
                    </Box>
                ))}
            </Box>
            {found.hasNextPage && (
                <Button onClick={() => void found.fetchNextPage()} disabled={found.isFetchingNextPage} sx={{ mt: 1 }}>
                    {say('page.record.more')}
                </Button>
            )}
        </Box>
    );
}

function what(job: Schemas['JobsBehind']['data'][number]): string {
    if (job.backAfter !== null && job.backWith !== null) {
        return say('page.record.back-after', { days: job.backAfter, what: say(`came-back.${job.backWith}`) });
    }
    return job.late ? say('page.record.was-late') : '';
}
