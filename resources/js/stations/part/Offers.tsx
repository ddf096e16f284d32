import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { OfferList } from '../pieces/OfferList';
import { say } from '../../words/words';

/** What could be ordered for a job. */
export function Offers({ job, code }: { job: string; code: string }) {
    const known = useQuery(queries.supplier(job));
    const ask = useMutation({
        mutationFn: () => take(api.POST('/api/jobs/{job}/supplier', { params: { path: { job } } })),
        onSuccess: (answer) => queryClient.setQueryData(queries.supplier(job).queryKey, answer),
    });
    return (
        <Box component="section" aria-label={say('page.offers.to-order')} sx={{ mt: 3 }}>
            <OfferList
                title={say('page.offers.to-order-for', { code })}
                answer={known.data}
                asking={ask.isPending}
                ask={() => ask.mutate()}
            />
            {known.data && known.data.offers.length > 0 && (
                <Typography color="textSecondary">{say('page.offers.order-before-the-phone-is-taken')}</Typography>
            )}
        </Box>
    );
}
