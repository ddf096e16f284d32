import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Fragment, useState, type SyntheticEvent } from 'react';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { amount, say } from '../../words/words';
import { PartOrder } from '../pieces/PartOrder';

type Happened = Schemas['TroubleHappened'];

/** What troubles at the bench add to the accepted price: proposed, said to the customer, agreed. */
export function FurtherPrice({ job, currency }: { job: Job; currency: string }) {
    const all = useQuery(queries.troubles(job.id)).data?.data ?? [];
    return all
        .filter((t) => t.quote)
        .map((t) => (
            <Fragment key={t.id}>
                {t.part && <PartOrder job={job} trouble={t} part={t.part.name} />}
                {t.agreed === null ? (
                    <Open job={job} trouble={t} currency={currency} />
                ) : (
                    <Note tone="plain">
                        {say(`trouble.${t.trouble}`)}: {t.name}.{' '}
                        {t.agreed === '0.00'
                            ? say('page.further-price.nothing-is-added-to-the-price')
                            : say('page.further-price.more-agreed-and-in-the-price', {
                                  agreed: amount(t.agreed, currency),
                              })}
                    </Note>
                )}
            </Fragment>
        ));
}

function Open({ job, trouble, currency }: { job: Job; trouble: Happened; currency: string }) {
    const [typed, setCost] = useState<string | null>(null);
    // What was ordered says what it costs, until somebody says otherwise.
    const cost = typed ?? trouble.order?.price ?? '';
    const [work, setWork] = useState('0');
    const minutes = Number(work);
    const valid = /^\d{1,6}(\.\d{1,2})?$/.test(cost) && /^\d{1,3}$/.test(work) && minutes <= 480;
    const path = { job: job.id, change: trouble.id };
    const price = useQuery({
        queryKey: ['job', job.id, 'troubles', trouble.id, 'price', cost, minutes],
        queryFn: () =>
            take(api.GET('/api/jobs/{job}/troubles/{change}/price', { params: { path, query: { cost, minutes } } })),
        enabled: valid,
    });
    const agree = useChange(job, (gross: string) =>
        take(
            api.PUT('/api/jobs/{job}/troubles/{change}/price', {
                params: { path },
                body: { version: job.version, cost, minutes, gross },
            }),
        ),
    );
    const gross = valid ? price.data?.gross : undefined;
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        if (gross !== undefined) {
            agree.mutate(gross);
        }
    };
    return (
        <Box
            component="section"
            aria-label={say('page.further-price.price-after', { name: trouble.name })}
            sx={(t) => ({ bgcolor: t.palette.role.careFill, borderRadius: 1, p: 2, display: 'grid', gap: 1 })}
        >
            <Typography component="h2" variant="h2">
                {say(`trouble.${trouble.trouble}`)}: {trouble.name}
            </Typography>
            <Typography>{say('page.further-price.the-accepted-price-no-longer-holds')}</Typography>
            {job.handedOverAt === null && (
                <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                    <TextField
                        size="small"
                        label={say('page.further-price.further-part-costs-the-shop', { currency })}
                        value={cost}
                        onChange={(e) => setCost(e.target.value.trim().replace(',', '.'))}
                        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
                        sx={{ width: 280 }}
                    />
                    <TextField
                        size="small"
                        label={say('page.further-price.further-work-min')}
                        value={work}
                        onChange={(e) => setWork(e.target.value.trim())}
                        slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 3 } }}
                        sx={{ width: 160 }}
                    />
                    <Button type="submit" variant="contained" disabled={gross === undefined || agree.isPending}>
                        {gross === undefined
                            ? say('page.further-price.customer-agrees')
                            : gross === '0.00'
                              ? say('page.further-price.nothing-is-added')
                              : say('page.further-price.customer-agrees-to-more', { gross: amount(gross, currency) })}
                    </Button>
                </Box>
            )}
            <Refusal error={agree.error ?? price.error} job={job.id} />
        </Box>
    );
}
