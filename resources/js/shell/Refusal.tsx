import Button from '@mui/material/Button';
import { Refused } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { Note } from './Note';
import { say } from '../words/words';

/** What the server refused, where, and how to go on. */
export function Refusal({ error, job }: { error: Error | null; job?: string }) {
    if (error === null) {
        return null;
    }
    const lines = error instanceof Refused ? Object.entries(error.errors).flatMap(([, texts]) => texts) : [];
    const stale = error instanceof Refused && error.code === 'stale-version' && job !== undefined;
    return (
        <Note tone="stop" role="alert">
            {lines.length > 0 ? lines.map((l) => <div key={l}>{l}</div>) : error.message}
            {stale && (
                <Button
                    size="small"
                    onClick={() => void queryClient.invalidateQueries({ queryKey: queries.job(job).queryKey })}
                    sx={{ ml: -0.5 }}
                >
                    {say('page.refusal.show-the-job-as-it-is')}
                </Button>
            )}
        </Note>
    );
}
