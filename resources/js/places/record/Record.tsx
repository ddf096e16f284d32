import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import { useNow } from '../../bench/useNow';
import { Note } from '../../shell/Note';
import { SideNav } from '../../shell/SideNav';
import { say } from '../../words/words';
import { PAGES, useAsked, usualMonths, written, type Asked, type RecordPage } from './asked';
import { Changed } from './Changed';
import { Earned } from './Earned';
import { Estimates } from './Estimates';
import { Figures } from './Figures';
import { ShareAnswer } from './ShareAnswer';
import { Main } from '../../shell/Main';

const OWNERS: readonly RecordPage[] = ['earned'];

/** What the shop's own jobs say: each question with its answer in words, a picture, a table, and the jobs behind it. */
export function Record() {
    const [asked, ask] = useAsked();
    const me = useQuery(queries.me()).data;
    if (me?.role === 'front-desk') {
        return (
            <Main>
                <Note tone="care">{say('page.record.not-the-counters')}</Note>
            </Main>
        );
    }
    const owner = me?.role === 'owner';
    const pages = PAGES.filter((p) => owner || !OWNERS.includes(p));
    return (
        <Main
            sx={{
                display: 'grid',
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '240px minmax(0, 1fr)' },
                gap: 4,
                alignItems: 'start',
                '@media print': { display: 'block', p: 0 },
            }}
        >
            <SideNav
                name={say('page.record.questions')}
                links={pages.map((p) => ({
                    to: {
                        search: new URLSearchParams(
                            written({ ...asked, page: p, facet: null, behind: null, hits: false }),
                        ).toString(),
                    },
                    text: say(`question.${p}`),
                    current: p === asked.page,
                }))}
            />
            <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2.5, minWidth: 0 }}>
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                    <Typography component="h1" variant="h1" sx={{ flex: 1, minWidth: 280 }}>
                        {say(`question.${asked.page}`)}
                    </Typography>
                    {asked.page !== 'figures' && <Months asked={asked} ask={ask} />}
                    <Button onClick={() => window.print()} sx={{ '@media print': { display: 'none' } }}>
                        {say('page.record.print')}
                    </Button>
                </Box>
                <Answer page={asked.page} owner={owner} />
            </Box>
        </Main>
    );
}

function Answer({ page, owner }: { page: RecordPage; owner: boolean }) {
    const people = owner ? (['technician'] as const) : [];
    switch (page) {
        case 'comebacks':
            return (
                <ShareAnswer
                    question="comebacks"
                    facets={['phone', 'kind', 'supplier', 'batch', 'way', 'adhesive', ...people]}
                />
            );
        case 'adhesives':
            return <ShareAnswer question="comebacks" facets={['way', 'adhesive']} />;
        case 'suppliers':
            return <ShareAnswer question="failures" facets={['supplier', 'batch', 'kind']} />;
        case 'promises':
            return <ShareAnswer question="promises" facets={['kind', 'phone', ...people]} />;
        case 'earned':
            return owner ? <Earned /> : <Note tone="care">{say('page.record.the-owners')}</Note>;
        case 'estimates':
            return <Estimates />;
        case 'changed':
            return <Changed />;
        case 'figures':
            return <Figures />;
    }
}

/** The months that are asked about; by the server's clock while none are. */
function Months({ asked, ask }: { asked: Asked; ask: (change: Partial<Asked>) => void }) {
    const usual = usualMonths(useNow(asked.from === null || asked.to === null));
    return (
        <>
            {asked.page !== 'changed' && (
                <Month
                    label={say('page.record.from-month')}
                    value={asked.from ?? usual.from}
                    set={(from) => ask({ from })}
                />
            )}
            <Month label={say('page.record.to-month')} value={asked.to ?? usual.to} set={(to) => ask({ to })} />
        </>
    );
}

interface MonthProps {
    label: string;
    value: string;
    set: (month: string | null) => void;
}

function Month({ label, value, set }: MonthProps) {
    return (
        <TextField
            type="month"
            size="small"
            label={label}
            value={value}
            onChange={(e) => set(e.target.value === '' ? null : e.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ width: 170 }}
        />
    );
}
