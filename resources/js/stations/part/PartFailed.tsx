import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';

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
            aria-label="Part failed"
            sx={(t) => ({
                mt: 3,
                p: 2,
                border: `1px solid ${t.palette.role.rule}`,
                borderRadius: 1,
                bgcolor: 'background.paper',
            })}
        >
            <Typography component="h2" variant="h2">
                {part.label} fails on the bench?
            </Typography>
            <Typography color="textSecondary" sx={{ mb: 1 }}>
                Before it is glued in, this opens a return to {part.supplier}. Once glued, no supplier takes it back.
            </Typography>
            <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1 }}>
                <TextField
                    size="small"
                    label="What is wrong with it"
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
                    The part failed
                </Button>
            </Box>
            <Refusal error={fail.error} job={job.id} />
        </Box>
    );
}
