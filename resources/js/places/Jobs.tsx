import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries, type JobsFrom } from '../api/queries';
import { Empty } from '../shell/Empty';
import { useSettled } from '../shell/useSettled';
import { Pager } from './Pager';
import { JobRows } from './today/JobRows';
import { say } from '../words/words';
import { Main } from '../shell/Main';

/** All jobs: the open ones, the closed ones, or what words find among both. */
export function Jobs() {
    const [find, setFind] = useState('');
    const [show, setShow] = useState<'current' | 'closed'>('current');
    // Behind which job each page begins; the first begins with the first.
    const [pages, setPages] = useState<(JobsFrom | null)[]>([null]);
    const first = () => setPages([null]);
    const words = useSettled(find, 150);
    const { data } = useQuery(queries.jobs(words, pages[pages.length - 1] ?? null, show));
    return (
        <Main sx={{ display: 'grid', gap: 2 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.jobs')}
                </Typography>
                <ToggleButtonGroup
                    exclusive
                    value={show}
                    onChange={(_, v: 'current' | 'closed' | null) => {
                        if (v) {
                            setShow(v);
                            first();
                        }
                    }}
                    aria-label={say('page.jobs.which-jobs')}
                    disabled={words.trim() !== ''}
                >
                    <ToggleButton value="current">{say('page.jobs.open-and-of-today')}</ToggleButton>
                    <ToggleButton value="closed">{say('page.jobs.closed')}</ToggleButton>
                </ToggleButtonGroup>
                <TextField
                    label={say('page.jobs.find-by-tag-phone-customer-or')}
                    value={find}
                    onChange={(e) => {
                        setFind(e.target.value);
                        first();
                    }}
                    sx={{ flex: { xs: '1 0 100%', md: '0 0 360px' } }}
                />
            </Box>
            {data?.data.length === 0 && (
                <Empty {...(words === '' ? { first: { label: say('page.empty.check-in'), to: '/new' } } : {})}>
                    {words !== ''
                        ? say('page.jobs.no-job-matches-words-need-three')
                        : say('page.jobs.no-jobs-here-check-in-a')}
                </Empty>
            )}
            <JobRows rows={data?.data ?? []} />
            {data && (
                <Pager
                    page={pages.length}
                    more={data.next !== null}
                    go={(to) => setPages(to > pages.length ? [...pages, data.next] : pages.slice(0, to))}
                />
            )}
        </Main>
    );
}
