import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { api, take, type Schemas } from '../../api/client';
import { Refusal } from '../../shell/Refusal';
import { say } from '../../words/words';
import { MovedPhones } from '../today/WhatFollows';

/** What the hours, people and equipment as they stand in the form would do to the phones that are here. */
export function ShopEffect({ settings }: { settings: Schemas['ShopSettings'] }) {
    const look = useMutation({
        mutationFn: () => take(api.POST('/api/shop/effect', { body: { settings } })),
    });
    return (
        <Box
            component="section"
            aria-label={say('page.shop-effect.title')}
            sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}
        >
            <Button
                variant="outlined"
                disabled={look.isPending}
                onClick={() => look.mutate()}
                sx={{ justifySelf: 'start', minHeight: 48 }}
            >
                {say('page.shop-effect.look')}
            </Button>
            <Refusal error={look.error} />
            {look.data && <MovedPhones moved={look.data.moved} />}
        </Box>
    );
}
