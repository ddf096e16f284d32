import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { mono } from '../theme/tokens';
import { say, wordedFigures } from '../words/words';
import type { Progress, Transfer } from './useTransfer';

/** The two displays side by side: which they are, and whether their data is put by. */
export function Ends({ state, now }: { state: Transfer; now: Schemas['Socket'] | null }) {
    const end = (socket: Schemas['Socket']) => {
        const reading = state[socket];
        return (
            <Box
                key={socket}
                sx={(t) => ({
                    border: `2px solid ${now === socket ? t.palette.role.action : t.palette.role.rule}`,
                    borderRadius: 1,
                    p: 1,
                    minWidth: 0,
                })}
            >
                <Box sx={{ color: 'text.secondary' }}>{say(`socket.${socket}`)}</Box>
                <Box sx={{ fontFamily: mono, fontWeight: 700, overflowWrap: 'anywhere' }}>
                    {reading.panel ?? say('page.transfer.not-seen-yet')}
                </Box>
                <Box>{reading.kept ? `✓ ${say('page.transfer.kept')}` : say('page.transfer.not-kept')}</Box>
            </Box>
        );
    };
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto 1fr', gap: 1, alignItems: 'center' }}>
            {end('old')}
            <Box aria-hidden sx={{ fontSize: '1.5rem' }}>
                →
            </Box>
            {end('new')}
        </Box>
    );
}

/** Block by block, as they come. */
export function Blocks({ state, progress, busy }: { state: Transfer; progress: Progress | null; busy: boolean }) {
    const all = progress?.of ?? state.blocks;
    const done = progress?.done ?? 0;
    const label = progress
        ? say('page.transfer.doing', {
              what: say(`asking.${progress.kind}`),
              which: say(`socket.${progress.socket}`),
              done,
              of: all,
          })
        : busy
          ? say('page.transfer.asking')
          : say('page.transfer.layout', { layout: state.layout, blocks: state.blocks });
    return (
        <Box sx={{ display: 'grid', gap: 0.5 }}>
            <Box
                role="progressbar"
                aria-label={say('page.transfer.blocks')}
                aria-valuemin={0}
                aria-valuemax={all}
                aria-valuenow={done}
                sx={{ display: 'flex', gap: '3px', height: 20 }}
            >
                {Array.from({ length: all }, (_, i) => (
                    <Box
                        key={i}
                        sx={(t) => ({
                            flex: 1,
                            border: `1px solid ${t.palette.role.rule}`,
                            bgcolor: i < done ? t.palette.role.action : 'transparent',
                        })}
                    />
                ))}
            </Box>
            <Box sx={{ fontFamily: mono }}>{label}</Box>
        </Box>
    );
}

/** How the two memories differ, field by field. */
export function Differences({ differs, ended }: { differs: NonNullable<Transfer['differs']>; ended: boolean }) {
    return (
        <Box>
            <Typography component="h2" variant="h3">
                {ended ? say('page.transfer.differs-now') : say('page.transfer.differs')}
            </Typography>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {differs.map((d) => (
                    <li key={d.code + JSON.stringify(d.figures)}>{say(`note.${d.code}`, wordedFigures(d.figures))}</li>
                ))}
            </Box>
        </Box>
    );
}

/** Every reading of the job, to be saved elsewhere. */
export function Dumps({ job, dumps }: { job: string; dumps: Transfer['dumps'] }) {
    if (dumps.length === 0) {
        return null;
    }
    const at = (d: Transfer['dumps'][number], ending: string) => `/api/jobs/${job}/dumps/${d.id}.${ending}`;
    return (
        <Box component="details">
            <Box component="summary" sx={{ minHeight: 44, py: 1, cursor: 'pointer' }}>
                {say('page.transfer.readings', { count: dumps.length })}
            </Box>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {dumps.map((d) => (
                    <li key={d.id}>
                        <Box component="span" sx={{ fontFamily: mono }}>
                            {say('page.transfer.dump-of', { panel: d.panel, sum: d.crc32 })}
                        </Box>{' '}
                        <Link href={at(d, 'json')}>{say('page.transfer.dump')}</Link>{' '}
                        <Link href={at(d, 'hex')}>{say('page.transfer.hex')}</Link>
                    </li>
                ))}
            </Box>
        </Box>
    );
}
