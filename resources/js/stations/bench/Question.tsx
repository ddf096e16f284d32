import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, type SyntheticEvent } from 'react';
import type { Refusal } from '../../bench/outbox';
import { outbox } from '../../bench/useOutbox';
import { Note } from '../../shell/Note';
import { offered, say, sayReason } from '../../words/words';

/** Asked once before something unusual is written down: the figure, what could be the reason, and the way back. */
export function Question({ refused }: { refused: Refusal }) {
    const [why, setWhy] = useState('');
    const answer = (said: string) => outbox.answer(refused, said.trim());
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        answer(why);
    };
    return (
        <Note tone="care" role="alert">
            <b>{sayReason(refused.reason)}</b>
            <Box
                role="group"
                aria-label={say('page.question.why')}
                sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}
            >
                {offered(`why.${refused.reason.code}`).map((text) => (
                    <Button key={text} variant="outlined" color="inherit" onClick={() => answer(text)}>
                        {text}
                    </Button>
                ))}
            </Box>
            <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1, mt: 1 }}>
                <TextField
                    size="small"
                    label={say('ui.other-reason')}
                    fullWidth
                    value={why}
                    onChange={(e) => setWhy(e.target.value)}
                    slotProps={{ htmlInput: { maxLength: 200 } }}
                />
                <Button type="submit" variant="outlined" color="inherit" disabled={why.trim().length < 3}>
                    {say('ui.keep-it-so')}
                </Button>
            </Box>
            <Button sx={{ mt: 1 }} variant="contained" onClick={() => outbox.dismiss(refused.event.id)}>
                {say('ui.not-yet')}
            </Button>
        </Note>
    );
}
