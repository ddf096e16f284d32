import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState, type SyntheticEvent } from 'react';
import { say } from '../../words/words';

const REASONS = ['in-use', 'experience', 'not-here'] as const;

interface Props {
    close: () => void;
    take: (reason: string) => void;
}

/** Another source than the recommended one is fine; why is kept with the job. */
export function WhyAnother({ close, take }: Props) {
    const [reason, setReason] = useState('');
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        take(reason.trim());
    };
    return (
        <Dialog open onClose={close} aria-labelledby="why-another">
            <form onSubmit={submit}>
                <DialogTitle id="why-another">{say('page.why-another.title')}</DialogTitle>
                <DialogContent>
                    <Stack spacing={1} sx={{ minWidth: 420 }}>
                        {REASONS.map((r) => (
                            <Button
                                key={r}
                                variant="outlined"
                                sx={{ minHeight: 48, justifyContent: 'flex-start' }}
                                onClick={() => take(say(`whyanother.${r}`))}
                            >
                                {say(`whyanother.${r}`)}
                            </Button>
                        ))}
                        <TextField
                            label={say('page.why-another.another-reason')}
                            value={reason}
                            onChange={(e) => setReason(e.target.value)}
                            slotProps={{ htmlInput: { maxLength: 300 } }}
                        />
                    </Stack>
                </DialogContent>
                <DialogActions>
                    <Button onClick={close}>{say('page.why-another.back')}</Button>
                    <Button type="submit" variant="contained" disabled={reason.trim() === ''}>
                        {say('page.sources.plan-with-it')}
                    </Button>
                </DialogActions>
            </form>
        </Dialog>
    );
}
