import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { Link, useParams } from 'react-router';
import { api, take } from '../api/client';
import { queries } from '../api/queries';
import { Card } from './Card';
import { Note } from './Note';
import { Refusal } from './Refusal';
import { say } from '../words/words';

/** The way in that works once: whoever has its address sets a password. */
export function Invited() {
    const word = useParams()['word'] ?? '';
    const whose = useQuery({ ...queries.invitation(word), retry: false });
    const [password, setPassword] = useState('');
    const accept = useMutation({
        mutationFn: async () => {
            const answer = await api.POST('/api/invitations/{word}', {
                params: { path: { word } },
                body: { password },
            });
            return answer.response.status === 204 ? true : take(Promise.resolve(answer));
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        accept.mutate();
    };
    return (
        <Card onSubmit={submit}>
            <Typography component="h1" variant="h1">
                {say('page.facelift')}
            </Typography>
            {whose.error && <Note tone="stop">{say('page.invited.used-or-too-old')}</Note>}
            {accept.isSuccess && (
                <Note tone="done" role="status">
                    {say('page.invited.set')} <Link to="/sign-in">{say('page.sign-in.sign-in')}</Link>
                </Note>
            )}
            {whose.data && !accept.isSuccess && (
                <>
                    <Typography>{say('page.invited.set-a-password', whose.data)}</Typography>
                    <TextField
                        label={say('page.invited.new-password')}
                        helperText={say('page.invited.ten-or-more')}
                        type="password"
                        autoComplete="new-password"
                        required
                        autoFocus
                        value={password}
                        onChange={(e) => setPassword(e.target.value)}
                        slotProps={{ htmlInput: { minLength: 10, maxLength: 200 } }}
                    />
                    <Refusal error={accept.error} />
                    <Button type="submit" variant="contained" disabled={accept.isPending} sx={{ minHeight: 56 }}>
                        {say('page.invited.keep-it')}
                    </Button>
                </>
            )}
        </Card>
    );
}
