import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate } from 'react-router';
import type { Job } from '../api/client';
import { say } from '../words/words';
import { Key } from './KeyedButton';

type StationId = Job['stations'][number]['id'];

interface Props {
    job: Job;
    at: StationId;
    /** What is still open here, if the page knows it better than that the station is not done. */
    missing?: string | null;
    /** True in a column that is pushed by itself, whose padding it has to reach over. */
    inColumn?: boolean;
}

/** The foot of a station: the one button that goes on, or what is still missing before it can. */
export function GoOn({ job, at, missing = null, inColumn = false }: Props) {
    const navigate = useNavigate();
    const here = job.stations.findIndex((s) => s.id === at);
    const later = job.stations.slice(here + 1);
    const next = later.find((s) => s.reachable && !s.done) ?? later.find((s) => s.reachable);
    const done = job.stations[here]?.done === true && missing === null;
    const closed = job.handedOverAt !== null;
    const to = closed || next === undefined ? '/' : `/jobs/${job.id}/${next.id}`;
    const may = closed || (done && next !== undefined);
    useHotkeys('g', () => void navigate(to), { enabled: may, enableOnFormTags: false });
    const waits = done && !closed && next === undefined ? later.find((s) => s.why !== null)?.why : null;
    return (
        <Box
            component="section"
            aria-label={say('page.go-on.next')}
            sx={{
                position: 'sticky',
                bottom: inColumn ? -20 : 0,
                mb: inColumn ? -2.5 : 0,
                pb: inColumn ? 2.5 : 1.5,
                zIndex: 2,
                display: 'flex',
                alignItems: 'center',
                justifyContent: 'end',
                gap: 2,
                flexWrap: 'wrap',
                pt: 1.5,
                mt: 2,
                bgcolor: 'background.default',
                borderTop: 1,
                borderColor: 'divider',
                '@media print': { display: 'none' },
            }}
        >
            {!may && (
                <span>
                    <b>{say('page.go-on.missing')}</b> {waits ?? missing ?? say(`missing.${at}`)}
                </span>
            )}
            {may && (
                <Button
                    component={Link}
                    to={to}
                    variant="contained"
                    sx={{ minHeight: 64, fontSize: '1.125rem', gap: 1.5, px: 3, flex: { xs: '1 0 100%', md: 'none' } }}
                >
                    {closed || next === undefined
                        ? say('page.go-on.to-today')
                        : say('page.go-on.to', { station: say(`station.${next.id}`) })}
                    <Key>G</Key>
                </Button>
            )}
        </Box>
    );
}
