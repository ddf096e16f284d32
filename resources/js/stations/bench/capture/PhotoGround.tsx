import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, take, type Job, type Schemas } from '../../../api/client';
import { queries } from '../../../api/queries';
import { queryClient } from '../../../api/queryClient';
import { newId } from '../../../bench/ids';
import type { Face, Point } from '../../../mat/geometry';
import { Refusal } from '../../../shell/Refusal';
import { say } from '../../../words/words';
import type { Grounding } from '../useCapture';
import { Corners } from './Corners';

type Photo = Schemas['Photo'];
type Corner = [number, number];

interface Props {
    job: Job;
    face: Face;
    ground: Grounding;
    lay: (change: Partial<Grounding>) => void;
}

/** A photo of the opened phone under the drawing: what is tapped lands where it is. */
export function PhotoGround({ job, face, ground, lay }: Props) {
    const photos = useQuery(queries.photos(job.id)).data?.data ?? [];
    const [tapping, setTapping] = useState<Photo | null>(null);
    const input = useRef<HTMLInputElement>(null);
    const again = () => queryClient.invalidateQueries({ queryKey: queries.photos(job.id).queryKey });
    const add = useMutation({
        mutationFn: async (file: File) => {
            const body = new FormData();
            body.append('id', newId());
            body.append('photo', file);
            return take(
                api.POST('/api/jobs/{job}/photos', {
                    params: { path: { job: job.id } },
                    body: body as never,
                    bodySerializer: (b) => b as never,
                }),
            );
        },
        onSuccess: (photo) => setTapping(photo),
        onSettled: again,
    });
    const put = useMutation({
        mutationFn: ({ photo, corners }: { photo: string; corners: Corner[] | null }) =>
            take(
                api.PUT('/api/jobs/{job}/photos/{photo}/ground', {
                    params: { path: { job: job.id, photo } },
                    body: { face, corners },
                }),
            ),
        onSuccess: (photo) => lay({ photo: photo.ground ? photo.id : null }),
        onSettled: again,
    });
    const laid = photos.filter((p) => p.ground?.face === face);
    const shown = laid.find((p) => p.id === ground.photo) ?? null;
    const corners = (points: readonly Point[]): Corner[] => points.map((p) => [Math.round(p.x), Math.round(p.y)]);
    return (
        <Box component="details" sx={{ pt: 1 }}>
            <Box component="summary" sx={{ minHeight: 44, py: 1, cursor: 'pointer', fontWeight: 600 }}>
                {say('page.ground.title')}
            </Box>
            <Typography color="textSecondary">{say('page.ground.screen-off')}</Typography>
            <input
                ref={input}
                type="file"
                accept="image/jpeg,image/png,image/webp"
                capture="environment"
                hidden
                aria-label={say('page.ground.file')}
                onChange={(e) => {
                    const file = e.target.files?.[0];
                    if (file) {
                        add.mutate(file);
                    }
                    e.target.value = '';
                }}
            />
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, py: 1 }}>
                <Button variant="outlined" onClick={() => input.current?.click()} disabled={add.isPending}>
                    {say('page.ground.take')}
                </Button>
                {laid.map((p, i) => (
                    <Button
                        key={p.id}
                        variant={p.id === shown?.id ? 'contained' : 'outlined'}
                        aria-pressed={p.id === shown?.id}
                        onClick={() => lay({ photo: p.id === shown?.id ? null : p.id })}
                    >
                        {say('page.ground.photo', { number: i + 1 })}
                    </Button>
                ))}
            </Box>
            {shown?.ground && (
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto auto auto', gap: 1, alignItems: 'center' }}>
                    <Slider
                        aria-label={say('page.ground.fade')}
                        min={0}
                        max={1}
                        step={0.05}
                        value={ground.fade}
                        onChange={(_, fade) => lay({ fade })}
                    />
                    <Button
                        onClick={() =>
                            shown.ground &&
                            put.mutate({ photo: shown.id, corners: turned(shown.ground.corners as Corner[]) })
                        }
                    >
                        {say('page.ground.turn')}
                    </Button>
                    <Button onClick={() => setTapping(shown)}>{say('page.ground.corners-anew')}</Button>
                    <Button onClick={() => put.mutate({ photo: shown.id, corners: null })}>
                        {say('page.ground.away')}
                    </Button>
                </Box>
            )}
            <Refusal error={add.error ?? put.error} job={job.id} />
            {tapping && (
                <Dialog open onClose={() => setTapping(null)} maxWidth={false} aria-labelledby="corners-title">
                    <Corners
                        src={`/api/jobs/${job.id}/photos/${tapping.id}.jpg`}
                        width={tapping.width}
                        height={tapping.height}
                        done={(points) => {
                            put.mutate({ photo: tapping.id, corners: corners(points) });
                            setTapping(null);
                        }}
                    />
                </Dialog>
            )}
        </Box>
    );
}

/** The same photo, a quarter further round. */
const turned = ([first, ...rest]: readonly Corner[]): Corner[] => [...rest, ...(first ? [first] : [])];
