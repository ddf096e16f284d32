import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Note } from '../../shell/Note';
import { costOf } from './cost';
import { Refusal } from '../../shell/Refusal';
import { say, day } from '../../words/words';
import { FAULT, OfferList, type Offer } from './OfferList';

type Happened = Schemas['TroubleHappened'];

/** The part that a trouble asks for: ordered once, however often it is tried, and where the order stands. */
export function PartOrder({ job, trouble, part }: { job: Job; trouble: Happened; part: string }) {
    const path = { job: job.id, change: trouble.id };
    const known = useQuery(queries.partOffers(job.id, trouble.id));
    const ask = useMutation({
        mutationFn: () => take(api.POST('/api/jobs/{job}/troubles/{change}/offers', { params: { path } })),
        onSuccess: (answer) => queryClient.setQueryData(queries.partOffers(job.id, trouble.id).queryKey, answer),
    });
    // Made once: however often the button is pressed, it is the same order.
    const [id] = useState(newId);
    const order = useMutation({
        mutationFn: (offer: Pick<Offer, 'sku'>) =>
            take(
                api.PUT('/api/jobs/{job}/troubles/{change}/order', {
                    params: { path },
                    body: { id: trouble.order?.id ?? id, sku: offer.sku },
                }),
            ),
        onSettled: () => queryClient.invalidateQueries({ queryKey: queries.troubles(job.id).queryKey }),
    });
    const may = job.mayWork && job.handedOverAt === null;
    const there = trouble.order;
    return (
        <Box component="section" aria-label={say('page.part-order.order', { part })} sx={{ display: 'grid', gap: 1 }}>
            {there === null ? (
                <OfferList
                    title={say('page.part-order.to-order', { part })}
                    answer={known.data}
                    asking={ask.isPending}
                    ask={() => ask.mutate()}
                    order={may && !order.isPending ? (o) => order.mutate(o) : undefined}
                />
            ) : (
                <OrderNote order={there} part={part} currency={known.data?.currency ?? ''} />
            )}
            {there?.state === 'asked' && may && (
                <Button
                    variant="outlined"
                    disabled={order.isPending}
                    onClick={() => order.mutate(there)}
                    sx={{ justifySelf: 'start' }}
                >
                    {order.isPending ? say('page.part-order.ordering') : say('page.part-order.try-again')}
                </Button>
            )}
            {there === null && (
                <Typography color="textSecondary">{say('page.part-order.a-part-of-your-own-stock')}</Typography>
            )}
            <Refusal error={order.error ?? ask.error} job={job.id} />
        </Box>
    );
}

function OrderNote({
    order,
    part,
    currency,
}: {
    order: NonNullable<Happened['order']>;
    part: string;
    currency: string;
}) {
    return order.state === 'ordered' ? (
        <Note tone="done">
            {say('page.part-order.is-ordered-here-by-suppliers-reference', {
                part,
                name: order.name,
                sku: order.sku,
                price: costOf(order.price, currency),
                dueOn: day(order.dueOn ?? ''),
                reference: order.reference,
            })}
        </Note>
    ) : (
        <Note tone="care" role="status">
            {say('page.part-order.is-asked-for-and-not-confirmed', {
                sku: order.sku,
                fault: order.fault ? FAULT[order.fault] : '',
            })}
        </Note>
    );
}
