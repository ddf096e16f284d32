import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Props {
    /** What will stand here, and what has to happen for it. */
    children: ReactNode;
    /** What is done first, and where. */
    first?: { label: string; to: string };
}

/** A place with nothing in it yet: the outline of what will stand here, said in words, and the first thing to do. */
export function Empty({ children, first }: Props) {
    return (
        <Box
            sx={{
                border: 2,
                borderStyle: 'dashed',
                borderColor: 'divider',
                borderRadius: 1,
                p: 3,
                display: 'grid',
                gap: 2,
                justifyItems: 'start',
                maxWidth: 900,
            }}
        >
            <Box aria-hidden sx={{ display: 'grid', gap: 1, width: '100%' }}>
                {[68, 84, 52].map((width) => (
                    <Box
                        key={width}
                        sx={{ height: 10, width: `${width}%`, bgcolor: 'action.hover', borderRadius: 1 }}
                    />
                ))}
            </Box>
            <Box sx={{ fontSize: '1.0625rem' }}>{children}</Box>
            {first && (
                <Button component={Link} to={first.to} variant="outlined">
                    {first.label}
                </Button>
            )}
        </Box>
    );
}
