import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** The bar over every page: of the places, or of one job. */
export function TopBar({ children }: { children: ReactNode }) {
    return (
        <Box
            component="header"
            sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 2,
                px: 2,
                height: 60,
                flex: 'none',
                bgcolor: 'background.paper',
                borderBottom: 1,
                borderColor: 'divider',
                position: 'sticky',
                top: 0,
                zIndex: 5,
            }}
        >
            {children}
        </Box>
    );
}
