import Box from '@mui/material/Box';
import Tabs from '@mui/material/Tabs';
import type { ReactNode } from 'react';

interface Props {
    name: string;
    value: string | false;
    wide?: boolean;
    children: ReactNode;
}

/** The places, or the stations of a job, in the bar; narrow, in a row of their own that is pushed with the thumb. */
export function BarTabs({ name, value, wide = false, children }: Props) {
    return (
        <Box
            component="nav"
            aria-label={name}
            sx={{
                minWidth: 0,
                // What the clocks beside it take is pushed as well.
                flex: { xs: '1 0 100%', lg: wide ? 1 : '0 1 auto' },
                mx: { xs: -2, lg: 0 },
            }}
        >
            <Tabs aria-label={name} value={value} variant="scrollable" scrollButtons={false} sx={{ minHeight: 56 }}>
                {children}
            </Tabs>
        </Box>
    );
}
