import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { say } from '../../words/words';
import { PresentPassword } from './PresentPassword';
import { Squares } from './Squares';
import { useDone } from '../../shell/useDone';

const meChanged = () => queryClient.invalidateQueries({ queryKey: ['me'] });

/** A second factor: a code of the time from a telephone, beside the password. */
export function SecondFactor({ on }: { on: boolean }) {
    return (
        <Box component="section" aria-labelledby="second-factor" sx={{ display: 'grid', gap: 1.5 }}>
            <Typography id="second-factor" component="h2" variant="h2">
                {say('page.me.second-factor')}
            </Typography>
            <Typography>{say(on ? 'page.me.second-factor-on' : 'page.me.second-factor-off')}</Typography>
            {on ? <Off /> : <On />}
        </Box>
    );
}

function On() {
    const [code, setCode] = useState('');
    const begin = useMutation({ mutationFn: () => take(api.POST('/api/me/second-factor')) });
    const confirm = useDone(() => api.PUT('/api/me/second-factor', { body: { code } }), meChanged);
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        confirm.mutate();
    };
    if (!begin.data) {
        return (
            <Button variant="outlined" onClick={() => begin.mutate()} sx={{ justifySelf: 'start' }}>
                {say('page.me.set-it-up')}
            </Button>
        );
    }
    return (
        <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 1.5, justifyItems: 'start' }}>
            <Squares rows={begin.data.code} label={say('page.me.scan-it')} />
            <span>
                {say('page.me.or-type')} <code style={{ fontFamily: mono }}>{begin.data.secret}</code>
            </span>
            <TextField
                size="small"
                required
                label={say('page.sign-in.code')}
                autoComplete="one-time-code"
                value={code}
                onChange={(e) => setCode(e.target.value)}
                slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
            <Button type="submit" variant="contained" disabled={confirm.isPending}>
                {say('page.me.it-shows-this')}
            </Button>
            <Refusal error={confirm.error ?? begin.error} />
        </Box>
    );
}

function Off() {
    const [current, setCurrent] = useState('');
    const drop = useDone(() => api.POST('/api/me/second-factor/off', { body: { current } }), meChanged);
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        drop.mutate();
    };
    return (
        <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
            <PresentPassword value={current} set={setCurrent} />
            <Button type="submit" color="inherit" variant="outlined" disabled={drop.isPending}>
                {say('page.me.turn-it-off')}
            </Button>
            <Refusal error={drop.error} />
        </Box>
    );
}
