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

/** A few digits to take over at a device by that somebody else is signed in at. */
export function OwnPin({ set }: { set: boolean }) {
    const [current, setCurrent] = useState('');
    const [pin, setPin] = useState('');
    const keep = useDone(
        () => api.PUT('/api/me/pin', { body: { current, pin: pin === '' ? null : pin } }),
        async () => {
            setCurrent('');
            setPin('');
            await queryClient.invalidateQueries({ queryKey: ['me'] });
        },
    );
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate();
    };
    return (
        <Box component="form" aria-labelledby="own-pin" onSubmit={submit} sx={{ display: 'grid', gap: 1.5 }}>
            <Typography id="own-pin" component="h2" variant="h2">
                {say('page.own-pin.pin')}
            </Typography>
            <Typography color="textSecondary">{say('page.own-pin.what-for')}</Typography>
            {keep.isSuccess && (
                <Note tone="done" role="status">
                    {say(set ? 'page.own-pin.kept' : 'page.own-pin.gone')}
                </Note>
            )}
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
                <PresentPassword value={current} set={setCurrent} />
                <TextField
                    size="small"
                    type="password"
                    autoComplete="off"
                    label={say('page.own-pin.new')}
                    helperText={say(set ? 'page.own-pin.empty-takes-away' : 'page.own-pin.digits')}
                    value={pin}
                    onChange={(e) => setPin(e.target.value.replace(/\D/g, '').slice(0, 8))}
                    slotProps={{ htmlInput: { inputMode: 'numeric' } }}
                />
                <Button type="submit" variant="outlined" disabled={keep.isPending || (!set && pin === '')}>
                    {say(set && pin === '' ? 'page.own-pin.take-away' : 'page.own-pin.keep')}
                </Button>
            </Box>
            <Refusal error={keep.error} />
        </Box>
    );
}
