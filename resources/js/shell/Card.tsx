import Box from '@mui/material/Box';
import type { FormHTMLAttributes, ReactNode } from 'react';

/** A form alone in the middle of the page, as at the way in. */
export function Card({
    onSubmit,
    children,
}: Pick<FormHTMLAttributes<HTMLFormElement>, 'onSubmit'> & {
    children: ReactNode;
}) {
    return (
        <Box component="main" sx={{ minHeight: '100%', display: 'grid', placeItems: 'center', p: 2 }}>
            <Box
                component="form"
                onSubmit={onSubmit}
                sx={{
                    width: 400,
                    maxWidth: '100%',
                    display: 'grid',
                    gap: 2,
                    bgcolor: 'background.paper',
                    border: 1,
                    borderColor: 'divider',
                    p: 4,
                    borderRadius: 2,
                }}
            >
                {children}
            </Box>
        </Box>
    );
}
