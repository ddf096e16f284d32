import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

type Tone = 'stop' | 'care' | 'done' | 'plain';

const fills = { stop: 'stopFill', care: 'careFill', done: 'panel', plain: 'panel' } as const;
const bars = { stop: 'stop', care: 'care', done: 'done', plain: 'rule' } as const;

/** A line on the page that has to be seen: what is wrong, or what can hurt. */
export function Note({ tone, children, role }: { tone: Tone; children: ReactNode; role?: 'alert' | 'status' }) {
    return (
        <Box
            {...(role ? { role } : {})}
            sx={(theme) => ({
                bgcolor: theme.palette.role[fills[tone]],
                borderLeft: `6px solid ${theme.palette.role[bars[tone]]}`,
                px: 1.75,
                py: 1.25,
                borderRadius: '2px',
                lineHeight: 1.4,
            })}
        >
            {children}
        </Box>
    );
}
