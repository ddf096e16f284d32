import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Empty } from '../../shell/Empty';
import { Refusal } from '../../shell/Refusal';
import { mono } from '../../theme/tokens';
import { day, say } from '../../words/words';
import { OrderTakenIn } from './OrderTakenIn';

type Order = Schemas['JobOrder'];

/** Parts on their way, what is due first before the others: they come, come later, are wrong, or never come. */
export function OnOrder() {
    const orders = useQuery(queries.orders());
    const rows = orders.data?.data ?? [];
    return (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Typography component="h1" variant="h1">
                {say('page.orders.on-order')}
            </Typography>
            {orders.data && rows.length === 0 && (
                <Empty first={{ label: say('page.empty.to-jobs'), to: '/jobs' }}>
                    {say('page.orders.nothing-is-on-its-way')}
                </Empty>
            )}
            {rows.map((o) => (
                <OnItsWay key={o.id} order={o} />
            ))}
        </Box>
    );
}

type What = 'come' | 'later' | 'wrong' | null;

function OnItsWay({ order }: { order: Order }) {
    const [what, setWhat] = useState<What>(null);
    const turn = (to: What) => setWhat(what === to ? null : to);
    return (
        <Box
            component="section"
            aria-label={`${order.tag} ${order.name}`}
            sx={(t) => ({
                bgcolor: 'background.paper',
                border: 1,
                borderColor: 'divider',
                borderLeft: `6px solid ${order.overdue ? t.palette.role.stop : t.palette.role.rule}`,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gap: 1.5,
            })}
        >
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
                <Box sx={{ flex: 1, minWidth: 260 }}>
                    <Box component={Link} to={`/jobs/${order.job}/part`} sx={{ fontFamily: mono, fontWeight: 700 }}>
                        {order.tag}
                    </Box>{' '}
                    {order.customer}
                    <Box sx={{ fontWeight: 700 }}>{order.name}</Box>
                    <Box sx={{ color: 'text.secondary' }}>
                        <span style={{ fontFamily: mono }}>{order.sku}</span> ·{' '}
                        {say('page.orders.reference', { reference: order.reference })}
                    </Box>
                </Box>
                <Box sx={(t) => (order.overdue ? { color: t.palette.role.stop, fontWeight: 700 } : {})}>
                    {say(order.overdue ? 'page.orders.overdue-since' : 'page.orders.comes', {
                        on: day(order.dueOn ?? ''),
                    })}
                </Box>
                <Button variant="contained" aria-expanded={what === 'come'} onClick={() => turn('come')}>
                    {say('page.orders.it-has-come')}
                </Button>
                <Button variant="outlined" aria-expanded={what === 'later'} onClick={() => turn('later')}>
                    {say('page.orders.comes-later')}
                </Button>
                <Button variant="outlined" aria-expanded={what === 'wrong'} onClick={() => turn('wrong')}>
                    {say('page.orders.wrong-or-never')}
                </Button>
            </Box>
            {what === 'come' && <OrderTakenIn order={order} />}
            {what === 'later' && <Later order={order} done={() => setWhat(null)} />}
            {what === 'wrong' && <Wrong order={order} />}
        </Box>
    );
}

/** Whatever happens to an order, jobs, shelf and day follow. */
export const orderHappened = async (): Promise<void> => {
    for (const key of ['orders', 'shelf', 'job', 'jobs', 'day', 'returns']) {
        await queryClient.invalidateQueries({ queryKey: [key] });
    }
};

function Later({ order, done }: { order: Order; done: () => void }) {
    const [on, setOn] = useState('');
    const later = useMutation({
        mutationFn: () =>
            take(api.PUT('/api/orders/{order}/due', { params: { path: { order: order.id } }, body: { dueOn: on } })),
        onSuccess: async () => {
            done();
            await orderHappened();
        },
    });
    return (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <TextField
                type="date"
                size="small"
                label={say('page.orders.new-day')}
                value={on}
                onChange={(e) => setOn(e.target.value)}
                slotProps={{ inputLabel: { shrink: true } }}
            />
            <Button variant="outlined" disabled={on === '' || later.isPending} onClick={() => later.mutate()}>
                {say('page.orders.keep-the-day')}
            </Button>
            <Refusal error={later.error} />
        </Box>
    );
}

function Wrong({ order }: { order: Order }) {
    const [id] = useState(newId);
    const [reason, setReason] = useState('');
    const path = { params: { path: { order: order.id } } };
    const wrong = useMutation({
        mutationFn: () => take(api.PUT('/api/orders/{order}/wrong', { ...path, body: { id, reason } })),
        onSuccess: orderHappened,
    });
    const lost = useMutation({
        mutationFn: () => take(api.PUT('/api/orders/{order}/loss', path)),
        onSuccess: orderHappened,
    });
    return (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <TextField
                size="small"
                label={say('page.part-failed.what-is-wrong-with-it')}
                value={reason}
                onChange={(e) => setReason(e.target.value)}
                sx={{ flex: 1, minWidth: 240 }}
                slotProps={{ htmlInput: { maxLength: 300 } }}
            />
            <Button
                variant="outlined"
                disabled={reason.trim().length < 3 || wrong.isPending}
                onClick={() => wrong.mutate()}
            >
                {say('page.orders.goes-back')}
            </Button>
            <Button variant="outlined" color="error" disabled={lost.isPending} onClick={() => lost.mutate()}>
                {say('page.orders.never-comes')}
            </Button>
            <Refusal error={wrong.error ?? lost.error} />
        </Box>
    );
}
