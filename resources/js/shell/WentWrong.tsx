import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouteError } from 'react-router';
import { Note } from './Note';
import { say } from '../words/words';

/** Shown instead of a page that broke; what was confirmed lies in the outbox. */
export function WentWrong() {
    const error = useRouteError();
    return (
        <Box sx={{ p: 4, display: 'grid', gap: 2, justifyItems: 'start' }}>
            <Note tone="stop">
                {say('page.went-wrong.this-page-could-not-be-shown', {
                    error: error instanceof Error ? error.message : say('page.went-wrong.unknown-fault'),
                })}
            </Note>
            <Button variant="contained" onClick={() => window.location.reload()}>
                {say('page.went-wrong.load-again')}
            </Button>
        </Box>
    );
}
