import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useNow } from '../../bench/useNow';
import { firstOpen } from '../../shell/firstOpen';
import { mono } from '../../theme/tokens';
import { moment, say } from '../../words/words';

export type Row = Schemas['JobSummary'];

const stationOf = (job: Row): string => firstOpen(job);

/** Jobs one a row, each opening where its work goes on; needs the jobs as lists have them. */
export function JobRows({ rows }: { rows: Row[] }) {
    return (
        <Box
            component="ul"
            sx={{
                listStyle: 'none',
                p: 0,
                m: 0,
                border: rows.length ? 1 : 0,
                borderColor: 'divider',
                borderRadius: 1,
                bgcolor: 'background.paper',
            }}
        >
            {rows.map((j) => (
                <JobRow key={j.id} job={j} />
            ))}
        </Box>
    );
}

function JobRow({ job }: { job: Row }) {
    const station = job.handedOverAt ? 'hand-over' : stationOf(job);
    return (
        <Box component="li" sx={{ '&:not(:last-child)': { borderBottom: 1, borderColor: 'divider' } }}>
            <Box
                component={Link}
                to={`/jobs/${job.id}/${station}`}
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: '84px minmax(0, 1fr)', lg: '92px 1.2fr 1.3fr 200px 200px' },
                    gap: 2,
                    alignItems: 'center',
                    px: 2,
                    minHeight: 64,
                    // Narrow: tag and phone in a row, the rest under the phone.
                    '& > :nth-of-type(n + 3)': { gridColumn: { xs: 2, lg: 'auto' } },
                    rowGap: { xs: 0.5, lg: 2 },
                    py: { xs: 1, lg: 0 },
                    color: 'text.primary',
                    textDecoration: 'none',
                    '&:hover': { bgcolor: 'action.hover' },
                }}
            >
                <Box sx={{ fontFamily: mono, fontWeight: 700 }}>{job.tag}</Box>
                <Box>
                    <Box sx={{ fontWeight: 700 }}>{job.phone.name}</Box>
                    <Box sx={{ color: 'text.secondary', fontSize: '0.9375rem' }}>{job.customer}</Box>
                </Box>
                <Box sx={{ color: 'text.secondary' }}>
                    {job.observations.length
                        ? job.observations.map((o) => say(`observation.${o}`)).join(', ')
                        : say('page.today.condition-not-written-down-yet')}
                </Box>
                <Progress job={job} now={station} />
                <Box sx={{ textAlign: 'right' }}>
                    {job.handedOverAt ? (
                        say('page.today.out', { handedOverAt: moment(job.handedOverAt) })
                    ) : job.promisedAt ? (
                        <Promised at={job.promisedAt} />
                    ) : (
                        <span>{say('page.today.no-promise-yet')}</span>
                    )}
                </Box>
            </Box>
        </Box>
    );
}

function Promised({ at }: { at: string }) {
    const late = new Date(at).getTime() < useNow(true);
    return (
        <Box component="span" sx={(theme) => (late ? { color: theme.palette.role.stop, fontWeight: 700 } : {})}>
            {late ? say('page.today.late-was', { at: moment(at) }) : say('page.today.promised', { at: moment(at) })}
        </Box>
    );
}

/** Done is a dot, now a diamond, to do a ring. */
function Progress({ job, now }: { job: Row; now: string }) {
    const text = job.handedOverAt ? say('page.today.handed-over') : say(`station.${now}`);
    return (
        <Box>
            <Box sx={{ fontWeight: 700 }}>{text}</Box>
            <Box
                aria-hidden
                sx={(theme) => ({ color: theme.palette.role.done, letterSpacing: 3, fontSize: '0.9375rem' })}
            >
                {job.stations.map((s) => (s.done ? '●' : s.id === now && !job.handedOverAt ? '◆' : '○')).join('')}
            </Box>
        </Box>
    );
}
