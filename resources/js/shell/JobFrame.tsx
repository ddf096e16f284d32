import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Tab from '@mui/material/Tab';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, Outlet, useLocation, useParams } from 'react-router';
import { api, take, type Job } from '../api/client';
import { queries } from '../api/queries';
import { mono } from '../theme/tokens';
import { day, moment, say } from '../words/words';
import { BarTabs } from './BarTabs';
import { Clocks } from './Clocks';
import { firstOpen } from './firstOpen';
import { Empty } from './Empty';
import type { JobContext } from './jobContext';
import { Note } from './Note';
import { Refusal } from './Refusal';
import { Help } from './Help';
import { Saving } from './Saving';
import { TopBar } from './TopBar';
import { WhoWorks } from './WhoWorks';
import { useChange } from './useChange';
import { anewAt, UnreadJob } from './UnreadJob';

/**
 * The head of a job with its stations, and the station at hand in it; needs the job of the address, and gives it to
 * all below.
 */
export function JobFrame() {
    const id = useParams()['job'] ?? '';
    const { pathname } = useLocation();
    const job = useQuery(queries.job(id));
    const phone = useQuery({ ...queries.phone(job.data?.phone.id ?? ''), enabled: job.data !== undefined });
    // A refetch that fails while the server is away must not take the page from somebody who works on it.
    if (job.isError && job.data === undefined) {
        return (
            <Box component="main" sx={{ p: 4 }}>
                <Note tone="stop" role="alert">
                    {job.error.message} <Link to="/">{say('page.job-frame.back-to-today')}</Link>
                </Note>
            </Box>
        );
    }
    const here = pathname.split('/')[3];
    if (job.data && job.data.unread.length > 0 && here !== anewAt(job.data)) {
        return <UnreadJob job={job.data} />;
    }
    if (!job.data || !phone.data) {
        return null;
    }
    if (here === undefined || here === '') {
        return <Navigate to={`/jobs/${id}/${firstOpen(job.data)}`} replace />;
    }
    const station = job.data.stations.find((s) => s.id === here);
    const context: JobContext = { job: job.data, phone: phone.data };
    return (
        <>
            <JobBar job={job.data} here={here} />
            {job.data.comesOn !== null && <NotHere job={job.data} on={job.data.comesOn} />}
            {station?.reachable === false ? (
                <NotYet job={job.data} station={station.id} why={station.why} />
            ) : (
                <Outlet context={context} />
            )}
        </>
    );
}

interface NotYetProps {
    job: Job;
    station: Job['stations'][number]['id'];
    why: string | null;
}

/** In place of a station that cannot be reached yet: nothing is asked of the server that it would refuse. */
function NotYet({ job, station, why }: NotYetProps) {
    const open = firstOpen(job);
    const first = { label: say('ui.go-to', { station: say(`station.${open}`) }), to: `/jobs/${job.id}/${open}` };
    return (
        <Box component="main" sx={{ p: 3, display: 'grid', gap: 2, maxWidth: 900 }}>
            <Typography component="h1" variant="h1">
                {say(`station.${station}`)}
            </Typography>
            {job.handedOverAt === null ? (
                <Empty first={first}>
                    {say(`stands-here.${station}`)} {why ?? say('ui.not-reachable')}
                </Empty>
            ) : (
                <Note tone="plain">{say('page.job-frame.closed-without', { when: moment(job.handedOverAt) })}</Note>
            )}
        </Box>
    );
}

/** The job is there before its phone. */
function NotHere({ job, on }: { job: Job; on: string }) {
    const here = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/phone', {
                params: { path: { job: job.id } },
                body: { version: job.version, comesOn: null },
            }),
        ),
    );
    return (
        <Note tone="care" role="status">
            {say('page.job-frame.comes-on', { on: day(on) })}{' '}
            <Button variant="outlined" disabled={here.isPending} onClick={() => here.mutate(undefined)} sx={{ ml: 1 }}>
                {say('page.job-frame.is-here')}
            </Button>
            <Refusal error={here.error} job={job.id} />
        </Note>
    );
}

function JobBar({ job, here }: { job: Job; here: string }) {
    const me = useQuery(queries.me()).data;
    const fault = job.condition?.observations.map((o) => say(`observation.${o}`).toLowerCase()).join(', ');
    return (
        <TopBar
            tabs={
                <BarTabs name={say('page.job-frame.stations')} value={here}>
                    {job.stations.map((s) => (
                        <Tab
                            key={s.id}
                            value={s.id}
                            label={<Station name={say(`station.${s.id}`)} done={s.done} why={s.why} />}
                            component={Link}
                            to={`/jobs/${job.id}/${s.id}`}
                            onClick={(e: React.MouseEvent) => !s.reachable && e.preventDefault()}
                            aria-disabled={!s.reachable}
                            {...(s.id === here ? { 'aria-current': 'step' as const } : {})}
                            sx={{
                                minWidth: 48,
                                px: 0.9,
                                color: s.reachable ? 'text.primary' : 'text.secondary',
                                fontWeight: s.id === here ? 700 : 400,
                            }}
                        />
                    ))}
                </BarTabs>
            }
            tools={
                <>
                    <Saving />
                    <Help />
                    {me && <WhoWorks me={me} />}
                </>
            }
        >
            <Tooltip title={say('page.job-frame.back-to-today')}>
                <Box
                    component={Link}
                    to="/"
                    aria-label={say('page.job-frame.back-to-today-2', { tag: job.tag })}
                    sx={(theme) => ({
                        bgcolor: theme.palette.mode === 'light' ? '#1C2428' : '#33434B',
                        color: '#FFFFFF',
                        borderRadius: 1,
                        px: 1.25,
                        minHeight: 48,
                        display: 'flex',
                        alignItems: 'center',
                        fontFamily: mono,
                        fontWeight: 700,
                        textDecoration: 'none',
                        whiteSpace: 'nowrap',
                        flexShrink: 0,
                    })}
                >
                    {job.tag}
                </Box>
            </Tooltip>
            <Box sx={{ minWidth: { xs: 0, lg: 96 }, flex: { xs: 1, lg: '1 1000 auto' } }}>
                <Typography noWrap sx={{ fontWeight: 700, lineHeight: 1.2 }}>
                    {job.phone.name}
                </Typography>
                <Typography variant="body2" color="textSecondary" noWrap>
                    {[
                        fault === undefined || fault === '' ? say('page.job-frame.no-fault-written-down') : fault,
                        job.closedAs === 'refused'
                            ? say('page.job-frame.handed-back-unrepaired')
                            : job.handedOverAt
                              ? say('page.job-frame.handed-over')
                              : job.promisedAt
                                ? say('page.job-frame.promised', { promisedAt: moment(job.promisedAt) })
                                : null,
                    ]
                        .filter(Boolean)
                        .join(' · ')}
                </Typography>
            </Box>
            <Clocks except={job.id} />
        </TopBar>
    );
}

function Station({ name, done, why }: { name: string; done: boolean; why: string | null }) {
    const label = (
        <span>
            {name}
            {done && (
                <Box
                    component="span"
                    sx={(theme) => ({ color: theme.palette.role.done })}
                    aria-label={say('page.job-frame.done')}
                >
                    {' '}
                    ✓
                </Box>
            )}
        </span>
    );
    return why === null ? (
        label
    ) : (
        <Tooltip title={why} describeChild>
            {label}
        </Tooltip>
    );
}
