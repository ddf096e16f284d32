import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api, Refused, take } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { outbox } from '../bench/useOutbox';
import { Card } from './Card';
import { Note } from './Note';
import { say } from '../words/words';

/** The way in. What waits to be sent from before is kept until somebody signs in again. */
export function SignIn() {
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    const [code, setCode] = useState('');
    const navigate = useNavigate();
    const from = (useLocation().state as { from?: string } | null)?.from ?? '/';
    const signIn = useMutation({
        mutationFn: () =>
            take(api.POST('/api/sign-in', { body: { email, password, ...(code === '' ? {} : { code }) } })),
        onSuccess: async (me) => {
            queryClient.setQueryData(queries.me().queryKey, me);
            void outbox.flush();
            await navigate(from, { replace: true });
        },
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        signIn.mutate();
    };
    const error = signIn.error;
    const codeWanted = code !== '' || (error instanceof Refused && error.code === 'code-wanted');
    return (
        <Card onSubmit={submit}>
            <Typography component="h1" variant="h1">
                {say('page.facelift')}
            </Typography>
            <Typography color="textSecondary">
                {document.querySelector<HTMLMetaElement>('meta[name="facelift-shop"]')?.content}
            </Typography>
            {error && (
                <Note tone="stop" role="alert">
                    {error instanceof Refused && error.status === 429
                        ? say('page.sign-in.too-many-tries-wait-a-minute')
                        : error.message}
                </Note>
            )}
            <TextField
                label={say('page.sign-in.e-mail-address')}
                type="email"
                autoComplete="username"
                required
                autoFocus
                value={email}
                onChange={(e) => setEmail(e.target.value)}
            />
            <TextField
                label={say('page.sign-in.password')}
                type="password"
                autoComplete="current-password"
                required
                value={password}
                onChange={(e) => setPassword(e.target.value)}
            />
            {codeWanted && (
                <TextField
                    label={say('page.sign-in.code')}
                    autoComplete="one-time-code"
                    required
                    autoFocus
                    value={code}
                    onChange={(e) => setCode(e.target.value)}
                    slotProps={{ htmlInput: { inputMode: 'numeric' } }}
                />
            )}
            <Button type="submit" variant="contained" disabled={signIn.isPending} sx={{ minHeight: 56 }}>
                {say('page.sign-in.sign-in')}
            </Button>
        </Card>
    );
}
