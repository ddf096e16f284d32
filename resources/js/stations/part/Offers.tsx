import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Job } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Refusal } from '../../shell/Refusal';
import { OfferList, type Offer } from '../pieces/OfferList';
import { Ordered } from './Ordered';
import { say } from '../../words/words';

/** What could be ordered for a job, and what was. */
export function Offers({ job }: { job: Job }) {
    const known = useQuery(queries.supplier(job.id));
    const ask = useMutation({
        mutationFn: () => take(api.POST('/api/jobs/{job}/supplier', { params: { path: { job: job.id } } })),
        onSuccess: (answer) => queryClient.setQueryData(queries.supplier(job.id).queryKey, answer),
    });
    // Made once for each order: however often the button is pressed, it is the same one.
    const [id, setId] = useState(newId);
    const order = useMutation({
        mutationFn: (offer: Pick<Offer, 'sku'>) =>
            take(
                api.PUT('/api/jobs/{job}/order', {
                    params: { path: { job: job.id } },
                    body: { id: job.order?.state === 'asked' ? job.order.id : id, sku: offer.sku },
                }),
            ),
        onSuccess: () => setId(newId()),
        onSettled: async () => {
            await queryClient.invalidateQueries({ queryKey: ['job', job.id] });
            await queryClient.invalidateQueries({ queryKey: ['day'] });
            await queryClient.invalidateQueries({ queryKey: ['orders'] });
        },
    });
    const open = job.order?.state === 'asked' || job.order?.state === 'ordered' ? job.order : null;
    const may = job.handedOverAt === null && job.kind !== null && job.part === null && open === null;
    return (
        <Box component="section" aria-label={say('page.offers.to-order')} sx={{ mt: 3, display: 'grid', gap: 1 }}>
            {open && (
                <Ordered
                    order={open}
                    currency={known.data?.currency ?? ''}
                    again={open.state === 'asked' && !order.isPending ? () => order.mutate(open) : undefined}
                />
            )}
            {open === null && (
                <OfferList
                    title={say('page.offers.to-order-for', { code: job.modelCode })}
                    answer={known.data}
                    asking={ask.isPending}
                    ask={() => ask.mutate()}
                    order={may && !order.isPending ? (o) => order.mutate(o) : undefined}
                />
            )}
            {open === null && job.part !== null && (
                <Typography color="textSecondary">
                    {say('page.offers.has-a-part', { label: job.part.label })}
                </Typography>
            )}
            <Refusal error={order.error ?? ask.error} job={job.id} />
        </Box>
    );
}
