import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { queries } from '../api/queries';
import { learnServerTime, useNow } from '../bench/useNow';
import { mono } from '../theme/tokens';
import { clock } from '../words/words';

const what: Record<string, string> = {
    heat: 'heat',
    reheat: 'heat',
    cool: 'cool',
    clamp: 'clamp',
    'confirm-dry': 'dry',
    charge: 'charge',
};

/** Clocks that run in any job, seen from every page. */
export function Clocks({ except }: { except?: string }) {
    const { data } = useQuery(queries.timers());
    const timers = (data?.timers ?? []).filter((t) => t.job !== except);
    const now = useNow(timers.length > 0);
    useEffect(() => {
        if (data) {
            learnServerTime(data.now);
        }
    }, [data]);
    return (
        <Box sx={{ display: 'flex', gap: 1 }}>
            {timers.map((t) => {
                const left = t.seconds - (now - t.at) / 1000;
                return (
                    <ButtonBase
                        key={t.job + t.step}
                        component={Link}
                        to={`/jobs/${t.job}/bench`}
                        sx={(theme) => ({
                            minHeight: 40,
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
                            {clock(left)}
                        </Box>
                    </ButtonBase>
                );
            })}
        </Box>
    );
}
