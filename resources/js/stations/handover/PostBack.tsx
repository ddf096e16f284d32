import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { moment, say } from '../../words/words';

type Box_ = NonNullable<Schemas['After']['post']>;

/** The box that goes back: what came is ticked off or explained; with that the address is dropped. */
export function PostBack({ job, post }: { job: Job; post: Box_ }) {
    const [in_, setIn] = useState<ReadonlySet<string>>(new Set());
    const [why, setWhy] = useState<Readonly<Record<string, string>>>({});
    const [parcel, setParcel] = useState('');
    const send = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/jobs/{job}/post/sent', {
                    params: { path: { job: job.id } },
                    body: {
                        goes: post.came
                            .filter((c) => in_.has(c) || (why[c] ?? '').trim() !== '')
                            .map((c) => ({ what: c, why: in_.has(c) ? null : (why[c] ?? null) })),
                        parcel: parcel.trim() === '' ? null : parcel,
                    },
                }),
            ),
        onSuccess: (after) => queryClient.setQueryData(queries.after(job.id).queryKey, after),
    });
    const closed = job.handedOverAt !== null;
    return (
        <Box component="section" aria-label={say('page.post.title')} sx={{ display: 'grid', gap: 1 }}>
            <Typography component="h2" variant="h2">
                {say('page.post.title')}
            </Typography>
            <Button
                variant="outlined"
                component="a"
                href={`/api/jobs/${job.id}/packing-list.pdf`}
                target="_blank"
                rel="noreferrer"
                sx={{ justifySelf: 'start' }}
            >
                {say('page.post.packing-list')}
            </Button>
            {post.sentAt !== null ? (
                <Typography>{say('page.post.gone', { at: moment(post.sentAt) })}</Typography>
            ) : (
                <>
                    {post.came.map((c) => (
                        <Box key={c} sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
                            <FormControlLabel
                                sx={{ minHeight: 48, flex: 1 }}
                                control={
                                    <Checkbox
                                        checked={in_.has(c)}
                                        onChange={(_, v) =>
                                            setIn(new Set(v ? [...in_, c] : [...in_].filter((x) => x !== c)))
                                        }
                                    />
                                }
                                label={c}
                            />
                            {!in_.has(c) && closed && (
                                <TextField
                                    size="small"
                                    label={say('page.post.why-not', { what: c })}
                                    value={why[c] ?? ''}
                                    onChange={(e) => setWhy({ ...why, [c]: e.target.value })}
                                    slotProps={{ htmlInput: { maxLength: 120 } }}
                                />
                            )}
                        </Box>
                    ))}
                    {closed && (
                        <>
                            <TextField
                                size="small"
                                label={say('page.post.parcel')}
                                value={parcel}
                                onChange={(e) => setParcel(e.target.value)}
                                slotProps={{ htmlInput: { maxLength: 60 } }}
                            />
                            <Refusal error={send.error} job={job.id} />
                            <Button variant="contained" onClick={() => send.mutate()} disabled={send.isPending}>
                                {say('page.post.sent')}
                            </Button>
                        </>
                    )}
                </>
            )}
        </Box>
    );
}
