import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SyntheticEvent } from 'react';
import { api } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { PresentPassword } from './PresentPassword';
import { useDone } from '../../shell/useDone';

/** Another password, with the present one; with it every other session ends. */
export function OwnPassword() {
    const [current, setCurrent] = useState('');
    const [password, setPassword] = useState('');
    const change = useDone(
        () => api.PUT('/api/me/password', { body: { current, password } }),
        async () => {
            setCurrent('');
            setPassword('');
            await queryClient.invalidateQueries({ queryKey: ['sessions'] });
        },
    );
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        change.mutate();
    };
    return (
        <Box component="form" aria-labelledby="own-password" onSubmit={submit} sx={{ display: 'grid', gap: 1.5 }}>
            <Typography id="own-password" component="h2" variant="h2">
                {say('page.me.password')}
            </Typography>
            {change.isSuccess && (
                <Note tone="done" role="status">
                    {say('page.me.password-changed')}
                </Note>
            )}
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
                <PresentPassword value={current} set={setCurrent} />
                <TextField
                    size="small"
                    required
                    type="password"
                    autoComplete="new-password"
                    label={say('page.invited.new-password')}
                    helperText={say('page.invited.ten-or-more')}
                    value={password}
                    onChange={(e) => setPassword(e.target.value)}
                    slotProps={{ htmlInput: { minLength: 10, maxLength: 200 } }}
                />
                <Button type="submit" variant="outlined" disabled={change.isPending}>
                    {say('page.me.change-it')}
                </Button>
            </Box>
            <Refusal error={change.error} />
        </Box>
    );
}
