import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { queries } from '../../api/queries';
import { learnServerTime, serverNow } from '../../bench/useNow';
import { isToday, longDay, minutes, say } from '../../words/words';
import { Empty } from '../../shell/Empty';
import { Why } from '../../shell/Why';
import { DayTable } from './DayTable';
import { FirstDay } from './FirstDay';
import { JobRows, type Row } from './JobRows';
import { Lanes } from './Lanes';
import { useDay, type Day } from './useDay';
import { WhatFollows } from './WhatFollows';
import { WhatNow } from './WhatNow';
import { Main } from '../../shell/Main';

/** The bench day: what now, who and what is taken when, when each phone is ready, who is waiting at the counter. */
export function Today() {
    const day = useQuery(queries.day());
    const me = useQuery(queries.me());
    const { data } = useQuery(queries.jobs());
    useEffect(() => {
        if (day.dataUpdatedAt > 0 && day.data) {
            learnServerTime(Math.max(day.data.now, serverNow()));
        }
    }, [day.data, day.dataUpdatedAt]);
    const listed = data?.data ?? [];
    const atBench = new Set(day.data?.phones.map((p) => p.job));
    const atCounter = listed.filter((j) => j.handedOverAt === null && !atBench.has(j.id));
    const closed = listed.filter((j) => j.handedOverAt !== null && isToday(new Date(j.handedOverAt)));
    return (
        <Main sx={{ display: 'grid', gap: 2.5 }}>
            <Box sx={{ display: 'flex', alignItems: 'end', gap: 2, flexWrap: 'wrap' }}>
                <Box sx={{ flex: 1, minWidth: 260 }}>
                    <Typography component="h1" variant="h1">
                        {longDay(new Date(day.data?.now ?? serverNow()))}
                    </Typography>
                    <Typography color="textSecondary">
                        {say('page.today.open-and-handed-over', {
                            shop: me.data?.shop.name ?? '',
                            open: atBench.size + atCounter.length,
                            closed: closed.length,
                        })}
                    </Typography>
                </Box>
                <Button component={Link} to="/new" variant="contained" sx={{ minHeight: 56, px: 4 }}>
                    {say('page.today.check-in-a-phone')}
                </Button>
            </Box>
            {me.data?.role === 'owner' && data?.data.length === 0 && <FirstDay />}
            {day.data && <AtBench day={day.data} />}
            <Group
                title={say('page.today.at-the-counter')}
                rows={atCounter}
                empty={say('page.today.nobody-is-waiting-check-in-a')}
            />
            {closed.length > 0 && <Group title={say('page.today.handed-over-today')} rows={closed} empty="" />}
        </Main>
    );
}

function AtBench({ day }: { day: Day }) {
    const change = useDay();
    const empty = day.phones.length === 0;
    return (
        <>
            {!empty && <WhatNow day={day} ask={change.ask} />}
            <Box component="section" aria-label={say('page.today.at-the-bench')} sx={{ display: 'grid', gap: 1.5 }}>
                <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
                    <Typography component="h2" variant="h2">
                        {say('page.today.at-the-bench')}
                    </Typography>
                    {!empty && (
                        <Typography color="textSecondary" sx={{ flex: 1 }}>
                            {howGood(day)}
                        </Typography>
                    )}
                    {!empty && (
                        <Box
                            component="a"
                            href="/api/day.ics"
                            sx={{ minHeight: 48, display: 'inline-flex', alignItems: 'center' }}
                        >
                            {say('page.day.calendar')}
                        </Box>
                    )}
                </Box>
                {empty ? (
                    <Empty first={{ label: say('page.empty.check-in'), to: '/new' }}>
                        {say('page.today.nothing-is-planned-for-the-bench')}
                    </Empty>
                ) : (
                    <>
                        <Lanes day={day} change={change} />
                        <WhatFollows change={change} />
                        <DayTable day={day} ask={change.ask} />
                        <Why of={say('page.day.promise')}>{say('page.day.why-promise')}</Why>
                    </>
                )}
            </Box>
        </>
    );
}

/** How near to the best the plan is, in lateness. */
const howGood = (day: Day): string =>
    day.late === 0
        ? say('page.day.least-late')
        : say(day.leastLate ? 'page.day.late-least' : 'page.day.late', {
              minutes: minutes(day.late),
              bound: minutes(day.bound),
          });

function Group({ title, rows, empty }: { title: string; rows: Row[]; empty: string }) {
    return (
        <Box component="section" aria-label={title}>
            <Typography component="h2" variant="h2" sx={{ mb: 1 }}>
                {title}
            </Typography>
            {rows.length === 0 && <Typography color="textSecondary">{empty}</Typography>}
            <JobRows rows={rows} />
        </Box>
    );
}
