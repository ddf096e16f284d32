import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, take, type Schemas } from '../api/client';
import { queryClient } from '../api/queryClient';
import { Note } from '../shell/Note';
import { Refusal } from '../shell/Refusal';
import { say, sayReason, sentence } from '../words/words';

type Look = Schemas['PackLook'];

interface Opened {
    file: File;
    look: Look;
}

const sent = (body: FormData) => ({ body: body as never, bodySerializer: (b: unknown) => b as never });

/** Several phone files in one: given away, and taken in after a look at what they would change. */
export function Packs({ ticked }: { ticked: readonly string[] }) {
    const input = useRef<HTMLInputElement>(null);
    const [opened, setOpened] = useState<Opened | null>(null);
    const give = useMutation({
        mutationFn: async () => {
            const blob = await take(api.POST('/api/phone-packs', { body: { phones: [...ticked] }, parseAs: 'blob' }));
            const link = document.createElement('a');
            link.href = URL.createObjectURL(blob);
            link.download = 'phones.facelift-pack.zip';
            link.click();
            URL.revokeObjectURL(link.href);
        },
    });
    const open = useMutation({
        mutationFn: async (file: File) => {
            const body = new FormData();
            body.append('pack', file);
            return { file, look: await take(api.POST('/api/phone-packs/look', sent(body))) };
        },
        onSuccess: setOpened,
    });
    return (
        <Box component="section" aria-label={say('page.packs.packs')} sx={{ display: 'grid', gap: 1, px: 2, pb: 1 }}>
            <Button variant="outlined" disabled={ticked.length === 0 || give.isPending} onClick={() => give.mutate()}>
                {ticked.length === 0
                    ? say('page.packs.tick-to-give')
                    : say('page.packs.give', { count: ticked.length })}
            </Button>
            <input
                ref={input}
                type="file"
                accept=".zip,application/zip"
                hidden
                aria-label={say('page.packs.file')}
                onChange={(e) => {
                    const file = e.target.files?.[0];
                    if (file) {
                        open.mutate(file);
                    }
                    e.target.value = '';
                }}
            />
            <Button variant="outlined" disabled={open.isPending} onClick={() => input.current?.click()}>
                {say('page.packs.open')}
            </Button>
            <Refusal error={give.error ?? open.error} />
            {opened && <Inside opened={opened} close={() => setOpened(null)} />}
        </Box>
    );
}

/** Whose it is and what it would change: nothing is taken over before that was looked at. */
function Inside({ opened, close }: { opened: Opened; close: () => void }) {
    const { file, look } = opened;
    const [left, setLeft] = useState<readonly string[]>([]);
    const chosen = look.files.filter((f) => isNews(f) && !left.includes(f.id));
    const taken = useMutation({
        mutationFn: () => {
            const body = new FormData();
            body.append('pack', file);
            chosen.forEach((f) => {
                body.append('phones[]', f.id);
                body.append('versions[]', String(f.version));
            });
            return take(api.POST('/api/phone-packs/take', sent(body)));
        },
        onSuccess: async () => {
            await queryClient.invalidateQueries({ queryKey: ['phones'] });
            close();
        },
    });
    return (
        <Dialog open onClose={close} fullWidth maxWidth="md" aria-labelledby="pack-title">
            <DialogTitle id="pack-title">{say('page.packs.from', { shop: look.shop, made: look.made })}</DialogTitle>
            <DialogContent>
                <Note tone={look.signedBy === null ? 'care' : 'plain'}>{whose(look)}</Note>
                {look.files.map((f) => (
                    <Box key={f.id} component="section" aria-label={f.name} sx={{ py: 1 }}>
                        <FormControlLabel
                            sx={{ minHeight: 48 }}
                            control={
                                <Checkbox
                                    checked={isNews(f) && !left.includes(f.id)}
                                    disabled={!isNews(f)}
                                    onChange={(_, on) =>
                                        setLeft(on ? left.filter((id) => id !== f.id) : [...left, f.id])
                                    }
                                />
                            }
                            label={<b>{f.name}</b>}
                        />
                        <Typography color="textSecondary">
                            {say('page.packs.rests', {
                                measured: f.rests.measured,
                                seen: f.rests.seen,
                                assumed: f.rests.assumed,
                            })}
                        </Typography>
                        {!f.here && <Typography>{say('page.packs.not-here-yet')}</Typography>}
                        {!isNews(f) && <Typography>{say('page.packs.same')}</Typography>}
                        <Box component="ul" sx={{ m: 0, pl: 3 }}>
                            {f.changes.map((c) => (
                                <li key={c.code + JSON.stringify(c.figures)}>{sentence(sayReason(c))}</li>
                            ))}
                        </Box>
                    </Box>
                ))}
                <Refusal error={taken.error} />
                <Box sx={{ display: 'flex', gap: 1, pt: 1 }}>
                    <Button
                        variant="contained"
                        disabled={chosen.length === 0 || taken.isPending}
                        onClick={() => taken.mutate()}
                    >
                        {say('page.packs.take-over', { count: chosen.length })}
                    </Button>
                    <Button onClick={close}>{say('page.close')}</Button>
                </Box>
            </DialogContent>
        </Dialog>
    );
}

/** There would be something to take over. */
const isNews = (f: Look['files'][number]): boolean => !f.here || f.changes.length > 0;

function whose(look: Look): string {
    if (look.signedBy === null) {
        return say('page.packs.nobody-signed');
    }
    return look.own ? say('page.packs.own') : say('page.packs.signed', { shop: look.shop, key: look.signedBy });
}
