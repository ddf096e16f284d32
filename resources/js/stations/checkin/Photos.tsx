import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';

/** Photos of the phone from the outside; the server encodes them anew and leaves their place out. */
export function Photos({ job, closed }: { job: string; closed: boolean }) {
    const photos = useQuery(queries.photos(job));
    const input = useRef<HTMLInputElement>(null);
    const again = () => queryClient.invalidateQueries({ queryKey: queries.photos(job).queryKey });
    const keep = useMutation({
        mutationFn: async (files: File[]) => {
            for (const file of files) {
                const body = new FormData();
                body.append('id', newId());
                body.append('photo', file);
                await take(
                    api.POST('/api/jobs/{job}/photos', {
                        params: { path: { job } },
                        body: body as never,
                        bodySerializer: (b) => b as never,
                    }),
                );
            }
        },
        onSettled: again,
    });
    const drop = useMutation({
        mutationFn: (photo: string) =>
            api.DELETE('/api/jobs/{job}/photos/{photo}', { params: { path: { job, photo } } }),
        onSettled: again,
    });
    return (
        <Box component="section" aria-label={say('page.photos.photos')}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <Typography component="h2" variant="h2">
                    {say('page.photos.photos')}
                </Typography>
                <Typography color="textSecondary" sx={{ flex: 1 }}>
                    {say('page.photos.not-of-an-unlocked-screen-what')}
                </Typography>
                <input
                    ref={input}
                    type="file"
                    accept="image/jpeg,image/png,image/webp"
                    capture="environment"
                    multiple
                    hidden
                    aria-label={say('page.photos.photo-file')}
                    onChange={(e) => {
                        keep.mutate([...(e.target.files ?? [])]);
                        e.target.value = '';
                    }}
                />
                <Button variant="outlined" disabled={closed || keep.isPending} onClick={() => input.current?.click()}>
                    {keep.isPending ? say('page.photos.keeping') : say('page.photos.add-a-photo')}
                </Button>
            </Box>
            <Refusal error={keep.error} />
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
                {photos.data?.data.map((p, i) => (
                    <Box key={p.id} sx={{ position: 'relative' }}>
                        <img
                            src={`/api/jobs/${job}/photos/${p.id}.jpg`}
                            alt={say('page.photos.photo-of-the-phone', { i: i + 1 })}
                            width={120}
                            height={Math.round((120 * p.height) / p.width)}
                            style={{ display: 'block' }}
                        />
                        {!closed && (
                            <Button
                                size="small"
                                onClick={() => drop.mutate(p.id)}
                                aria-label={say('page.photos.remove-photo', { i: i + 1 })}
                            >
                                {say('page.remove')}
                            </Button>
                        )}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
