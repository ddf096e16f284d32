import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { say } from '../../words/words';

/** The part turns out bad: before it is glued it goes back to its supplier. */
export function PartFailed({ job, part }: { job: Job; part: Schemas['ShelfItem'] }) {
    const [id] = useState(newId);
    const [reason, setReason] = useState('');
    const fail = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/part-failure', {
                params: { path: { job: job.id } },
                body: { version: job.version, id, reason },
            }),
        ),
    );
    if (!job.mayWork || job.handedOverAt !== null) {
        return null;
    }
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        fail.mutate(undefined);
    };
    return (
        <Box
            component="section"
            aria-label={say('page.part-failed.part-failed')}
            sx={(t) => ({
                mt: 3,
                p: 2,
                border: `1px solid ${t.palette.role.rule}`,
                borderRadius: 1,
                bgcolor: 'background.paper',
            })}
        >
            <Typography component="h2" variant="h2">
                {say('page.part-failed.fails-on-the-bench', { label: part.label })}
            </Typography>
            <Typography color="textSecondary" sx={{ mb: 1 }}>
                {say('page.part-failed.before-it-is-glued-in-this', { supplier: part.supplier })}
            </Typography>
            <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1 }}>
                <TextField
                    size="small"
                    label={say('page.part-failed.what-is-wrong-with-it')}
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                    fullWidth
                    slotProps={{ htmlInput: { maxLength: 300 } }}
                />
                <Button
                    type="submit"
                    variant="outlined"
                    color="error"
                    disabled={fail.isPending || reason.trim().length < 3}
                    sx={{ flex: 'none' }}
                >
                    {say('page.part-failed.the-part-failed')}
                </Button>
            </Box>
            <Refusal error={fail.error} job={job.id} />
        </Box>
    );
}
