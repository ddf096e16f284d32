import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { queries } from '../api/queries';
import { queryClient } from '../api/queryClient';
import { Note } from '../shell/Note';
import { mono } from '../theme/tokens';
import { ago, amount } from '../words/words';

const FAULT = {
    'not-set-up': 'No supplier is set up.',
    unreachable: 'The supplier does not answer.',
    refused: 'The supplier is out of order.',
    nonsense: 'The supplier’s answer makes no sense and is not used.',
} as const;

/** What could be ordered, how old the price is, and what went wrong the last time it was asked. */
export function Offers({ job, code }: { job: string; code: string }) {
    const known = useQuery(queries.supplier(job));
    const ask = useMutation({
        mutationFn: () => take(api.POST('/api/jobs/{job}/supplier', { params: { path: { job } } })),
        onSuccess: (answer) => queryClient.setQueryData(queries.supplier(job).queryKey, answer),
    });
    const s = known.data;
    return (
        <Box component="section" aria-label="To order" sx={{ mt: 3 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <Typography component="h2" variant="h2">
                    To order for {code}
                </Typography>
                <Typography color="textSecondary" sx={{ flex: 1 }}>
                    {s?.goodAt ? `Prices of ${ago(s.goodAt)}` : 'Not asked yet'}
                </Typography>
                <Button variant="outlined" disabled={ask.isPending} onClick={() => ask.mutate()}>
                    {ask.isPending ? 'Asking…' : 'Ask the supplier'}
                </Button>
            </Box>
            {ask.isPending && <LinearProgress aria-label="Asking the supplier" />}
            {s?.fault && (
                <Note tone="care" role="status">
                    {FAULT[s.fault]} {s.goodAt ? `The last good prices stay, ${ago(s.goodAt)}.` : 'No price is known.'}
                </Note>
            )}
            {s?.offers.map((o) => (
                <Box
                    key={o.sku}
                    sx={{ display: 'grid', gridTemplateColumns: '110px 1fr 120px 120px 130px', gap: 2, py: 0.75, borderBottom: 1, borderColor: 'divider' }}
                >
                    <Box sx={{ fontFamily: mono }}>{o.sku}</Box>
                    <Box>{o.name}</Box>
                    <Box sx={{ fontFamily: mono, textAlign: 'right' }}>{amount(o.price, s.currency)}</Box>
                    <Box>{o.stock === 0 ? 'none in stock' : `${o.stock} in stock`}</Box>
                    <Box>
                        {o.leadDays} {o.leadDays === 1 ? 'day' : 'days'} to come
                    </Box>
                </Box>
            ))}
            {s && s.offers.length > 0 && <Typography color="textSecondary">Order before the phone is taken in if it takes days.</Typography>}
        </Box>
    );
}
