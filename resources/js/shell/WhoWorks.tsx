import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { api, type Schemas } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { say } from '../words/words';
import { Refusal } from './Refusal';
import { useDone } from './useDone';

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
const LONGEST = 8;
const SHORTEST = 4;

const first = (name: string): string => name.split(' ')[0] ?? name;

/** Who works at this device, and who takes over by a PIN: two taps and four digits, gloves on. */
export function WhoWorks({ me }: { me: Schemas['Me'] }) {
    const [open, setOpen] = useState(false);
    return (
        <>
            <Button
                onClick={() => setOpen(true)}
                color="inherit"
                aria-haspopup="dialog"
                aria-label={say('page.who-works.here', { name: first(me.name) })}
                sx={{ flexShrink: 0 }}
            >
                {first(me.name)}
            </Button>
            {open && <TakeOver me={me} close={() => setOpen(false)} />}
        </>
    );
}

function TakeOver({ me, close }: { me: Schemas['Me']; close: () => void }) {
    const others = useQuery(queries.colleagues()).data?.data;
    const [chosen, setChosen] = useState<number | null>(null);
    const [pin, setPin] = useState('');
    const next = others?.find((o) => o.id === chosen);
    const over = useDone(
        () => api.POST('/api/colleagues/{account}', { params: { path: { account: chosen ?? 0 } }, body: { pin } }),
        async () => {
            close();
            // What was asked for somebody else is not theirs to see.
            await queryClient.resetQueries();
        },
    );
    const tell = () => over.mutate(undefined, { onError: () => setPin('') });
    const press = (digit: string) => setPin((p) => (p + digit).slice(0, LONGEST));
    const enough = pin.length >= SHORTEST && chosen !== null && !over.isPending;
    const typed = (event: KeyboardEvent) => {
        if (next && /^\d$/.test(event.key)) {
            press(event.key);
        } else if (next && event.key === 'Backspace') {
            setPin((p) => p.slice(0, -1));
        } else if (event.key === 'Enter' && enough) {
            event.preventDefault();
            tell();
        }
    };
    return (
        <Dialog open onClose={close} onKeyDown={typed} aria-labelledby="who-works" maxWidth="xs" fullWidth>
            <DialogTitle id="who-works">
                {next ? say('page.who-works.pin-of', { name: next.name }) : say('page.who-works.takes-over')}
            </DialogTitle>
            <DialogContent sx={{ display: 'grid', gap: 2 }}>
                {!next && others?.length === 0 && <Box>{say('page.who-works.nobody')}</Box>}
                {!next &&
                    others?.map((o) => (
                        <Button
                            key={o.id}
                            variant="outlined"
                            onClick={() => setChosen(o.id)}
                            sx={{ minHeight: 64, fontSize: '1.125rem', justifyContent: 'flex-start', px: 3 }}
                        >
                            {o.name}
                        </Button>
                    ))}
                {next && (
                    <>
                        <Box
                            role="status"
                            aria-label={say('page.who-works.digits', { count: pin.length })}
                            sx={{ fontSize: '2rem', letterSpacing: '0.4em', minHeight: 48, textAlign: 'center' }}
                        >
                            {'•'.repeat(pin.length)}
                        </Box>
                        <Refusal error={over.error} />
                        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
                            {KEYS.map((digit) => (
                                <Digit key={digit} digit={digit} press={press} />
                            ))}
                            <Button onClick={() => setPin((p) => p.slice(0, -1))} sx={{ minHeight: 64 }}>
                                {say('page.who-works.back')}
                            </Button>
                            <Digit digit="0" press={press} />
                            <Button variant="contained" disabled={!enough} onClick={tell} sx={{ minHeight: 64 }}>
                                {say('page.who-works.take-over')}
                            </Button>
                        </Box>
                    </>
                )}
                {!next && (
                    <Box sx={{ color: 'text.secondary' }}>
                        {say('page.who-works.how', { name: first(me.name) })}{' '}
                        <Link to="/me" onClick={close}>
                            {say('page.who-works.own-pin')}
                        </Link>
                    </Box>
                )}
            </DialogContent>
        </Dialog>
    );
}

function Digit({ digit, press }: { digit: string; press: (digit: string) => void }) {
    return (
        <Button variant="outlined" onClick={() => press(digit)} sx={{ minHeight: 64, fontSize: '1.5rem' }}>
            {digit}
        </Button>
    );
}
