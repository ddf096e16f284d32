import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { api, take, type Job } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

/** A phone that came by post: what was in the box, and where it goes back to. */
export function ByPost({ job }: { job: Job }) {
    const post = useQuery(queries.after(job.id)).data?.post ?? null;
    const [came, setCame] = useState<string | null>(null);
    const [address, setAddress] = useState<string | null>(null);
    const lines = came ?? post?.came.join('\n') ?? say('page.by-post.usual');
    const keep = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/jobs/{job}/post', {
                    params: { path: { job: job.id } },
                    body: {
                        came: lines
                            .split('\n')
                            .map((l) => l.trim())
                            .filter((l) => l !== ''),
                        address: address ?? post?.address ?? null,
                    },
                }),
            ),
        onSuccess: (after) => queryClient.setQueryData(queries.after(job.id).queryKey, after),
    });
    const send = (event: SyntheticEvent) => {
        event.preventDefault();
        keep.mutate();
    };
    return (
        <Box component="details" open={post !== null}>
            <Box component="summary" sx={{ minHeight: 48, py: 1.5, cursor: 'pointer', fontWeight: 700 }}>
                {say('page.by-post.title')}
            </Box>
            <Box component="form" onSubmit={send} sx={{ display: 'grid', gap: 1.5 }}>
                <TextField
                    label={say('page.by-post.came')}
                    value={lines}
                    onChange={(e) => setCame(e.target.value)}
                    multiline
                    minRows={3}
                    disabled={post?.sentAt != null}
                />
                <TextField
                    label={say('page.by-post.address')}
                    helperText={say('page.by-post.kept')}
                    value={address ?? post?.address ?? ''}
                    onChange={(e) => setAddress(e.target.value)}
                    multiline
                    minRows={3}
                    disabled={post?.sentAt != null}
                    slotProps={{ htmlInput: { maxLength: 400 } }}
                />
                <Refusal error={keep.error} job={job.id} />
                <Button type="submit" variant="outlined" disabled={keep.isPending || post?.sentAt != null}>
                    {keep.isSuccess ? say('page.by-post.is-kept') : say('page.by-post.keep')}
                </Button>
            </Box>
        </Box>
    );
}
