import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouteError } from 'react-router';
import { Note } from './Note';

export function WentWrong() {
    const error = useRouteError();
    return (
        <Box sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
            <Note tone="stop">
                This page could not be shown: {error instanceof Error ? error.message : 'unknown fault'}. Nothing that
                was confirmed is lost.
            </Note>
            <Button variant="contained" onClick={() => window.location.reload()}>
                Load again
            </Button>
        </Box>
    );
}
