import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { fieldsOf, knownText, type Text } from './fields';
import { orderHappened } from './OnOrder';
import { SmallParts } from './SmallParts';

type Order = Schemas['JobOrder'];

/** It lies on the counter: what phone file and offer know is filled in, batch and place are typed, and what differs. */
export function OrderTakenIn({ order }: { order: Order }) {
    const parts = useQuery(queries.knownParts(order.phone, order.modelCode)).data?.data;
    const known = parts?.find((p) => p.kind === order.kind);
    const [typed, setTyped] = useState<Text>({});
    const text: Text = {
        ...(known ? knownText(known) : {}),
        name: order.name,
        supplier: order.supplier === '' ? order.name : order.supplier,
        cost: order.price ?? '',
        state: 'new',
        ...typed,
    };
    const taken = useMutation({
        mutationFn: () =>
            take(
                api.PUT('/api/orders/{order}/arrival', {
                    params: { path: { order: order.id } },
                    body: fieldsOf(text, { version: order.itemVersion ?? 1 }),
                }),
            ),
        onSuccess: orderHappened,
    });
    const bind = (key: string) => ({
        size: 'small' as const,
        value: text[key] ?? '',
        onChange: (e: { target: { value: string } }) => setTyped({ ...typed, [key]: e.target.value }),
    });
    return (
        <Box
            component="form"
            onSubmit={(e) => {
                e.preventDefault();
                taken.mutate();
            }}
            sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}
        >
            <TextField label={say('page.item.batch')} required autoFocus {...bind('batch')} />
            <TextField label={say('page.place')} required {...bind('place')} />
            <TextField label={say('page.item.supplier')} required {...bind('supplier')} />
            <TextField label={say('page.connector')} {...bind('connector')} />
            <TextField label={say('page.item.colour')} {...bind('colour')} />
            <TextField label={say('page.item.cost')} {...bind('cost')} />
            <Box sx={{ gridColumn: '1 / -1' }}>
                <SmallParts
                    codes={order.modelCode}
                    value={text['brings'] ?? ''}
                    set={(brings) => setTyped({ ...typed, brings })}
                />
            </Box>
            <Button type="submit" variant="contained" disabled={taken.isPending} sx={{ minHeight: 56 }}>
                {say('page.orders.take-in-for', { tag: order.tag })}
            </Button>
            <Box sx={{ gridColumn: '1 / -1' }}>
                <Refusal error={taken.error} />
            </Box>
        </Box>
    );
}
