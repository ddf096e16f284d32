import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { queries } from '../api/queries';
import { learnServerTime, useNow } from '../bench/useNow';
import { useSize } from '../mat/useSize';
import { mono } from '../theme/tokens';
import { clock, say } from '../words/words';

const what: Record<string, string> = {
    heat: 'heat',
    reheat: 'heat',
    cool: 'cool',
    clamp: 'clamp',
    'confirm-dry': 'dry',
    charge: 'charge',
};

const ROOM = 1;
const endOf = (t: { at: number; seconds: number }): number => t.at + 1000 * t.seconds;

/** Clocks that run in any job, seen from every page; beside the work of one, or in a line of their own. */
export function Clocks({ except, beside = false }: { except?: string; beside?: boolean }) {
    const { data } = useQuery(queries.timers());
    const all = (data?.timers ?? []).filter((t) => t.job !== except);
    // Beside the work of one job there is room for one, which ends first: the others are a tap away.
    const timers = beside ? all : [...all].sort((a, b) => endOf(a) - endOf(b)).slice(0, ROOM);
    const now = useNow(timers.length > 0);
    useEffect(() => {
        if (data) {
            learnServerTime(data.now);
        }
    }, [data]);
    const [row, size] = useSize<HTMLDivElement>();
    const height = beside ? (size?.height ?? 0) : 0;
    useEffect(() => {
        // What fills the window under it has to know how high it is.
        document.documentElement.style.setProperty('--clocks', `${height}px`);
    }, [height]);
    return (
        <Box
            ref={row}
            {...(beside ? { component: 'aside', 'aria-label': say('page.clocks.running') } : {})}
            sx={{
                // On a narrow screen a job has its own clocks alone: the others are one tap away.
                display: beside ? 'flex' : { xs: 'none', lg: 'flex' },
                gap: 1,
                flexWrap: beside ? 'wrap' : 'nowrap',
                ...(beside && timers.length > 0 ? { px: 3, pt: 1 } : {}),
            }}
        >
            {timers.map((t) => {
                const left = t.seconds - (now - t.at) / 1000;
                return (
                    <ButtonBase
                        key={t.job + t.step}
                        component={Link}
                        to={`/jobs/${t.job}/bench`}
                        sx={(theme) => ({
                            minHeight: 48,
                            px: 1.25,
                            gap: 1,
                            borderRadius: 1,
                            bgcolor: theme.palette.role.nowFill,
                            color: theme.palette.role.ink,
                            fontSize: '0.9375rem',
                            whiteSpace: 'nowrap',
                        })}
                    >
                        {t.tag} {what[t.kind] ?? t.kind}
                        <Box component="span" sx={{ fontFamily: mono, fontWeight: 700 }}>
                            {left < -3600 ? say('page.clocks.over') : clock(left)}
                        </Box>
                    </ButtonBase>
                );
            })}
            {timers.length < all.length && (
                <ButtonBase
                    component={Link}
                    to="/"
                    sx={{ minHeight: 48, px: 1, fontWeight: 700, borderRadius: 1, whiteSpace: 'nowrap' }}
                >
                    {say('page.clocks.more', { more: all.length - timers.length })}
                </ButtonBase>
            )}
        </Box>
    );
}
