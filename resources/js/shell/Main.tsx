import Box from '@mui/material/Box';
import type { Theme } from '@mui/material/styles';
import type { SystemStyleObject } from '@mui/system';
import type { ReactNode } from 'react';

interface Props {
    /** px that it takes at most; lines longer than that are not read at arm's length. */
    widest?: number;
    sx?: SystemStyleObject<Theme>;
    children: ReactNode;
}

/** What a page is about: in the middle, as wide as can be read. */
export function Main({ widest = 1280, sx = {}, children }: Props) {
    return (
        <Box component="main" sx={{ p: 3, maxWidth: widest, width: '100%', mx: 'auto', ...sx }}>
            {children}
        </Box>
    );
}
