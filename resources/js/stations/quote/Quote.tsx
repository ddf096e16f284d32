import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { GoOn } from '../../shell/GoOn';
import { Note } from '../../shell/Note';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { amount, say } from '../../words/words';
import type { Chosen } from './DataChoice';
import { FurtherPrice } from './FurtherPrice';
import { InsurerClaim } from './InsurerClaim';
import { OptionCard } from './OptionCard';
import { Outcome } from './Outcome';
import { WithoutPart } from './WithoutPart';
import { Main } from '../../shell/Main';

type Way = Schemas['Way'];

/** What the customer says yes to. */
interface Acceptance {
    way: Way;
    data: Chosen | null;
}

/** Two or three ways side by side, with price, promise and what the customer must hear; yes or no. */
export function Quote() {
    const { job } = useJob();
    const quote = useQuery(queries.quote(job.id));
    const [warranty, setWarranty] = useState(job.accepted?.warranty ?? false);
    const [reason, setReason] = useState('');
    const navigate = useNavigate();
    const accept = useChange(
        job,
        ({ way: w, data }: Acceptance) =>
            take(
                api.PUT('/api/jobs/{job}/quote/acceptance', {
                    params: { path: { job: job.id } },
                    body: {
                        version: job.version,
                        kind: w.kind,
                        item: w.item?.id ?? 0,
                        gross: (data?.way === 'chip' ? w.chip?.total : w.money?.gross) ?? '',
                        warranty,
                        data,
                    },
                }),
            ),
        () => void navigate(`/jobs/${job.id}/plan`),
    );
    const refuse = useChange(job, () =>
        take(
            api.PUT('/api/jobs/{job}/quote/refusal', {
                params: { path: { job: job.id } },
                body: { version: job.version, reason },
            }),
        ),
    );
    const [changed, setChanged] = useState(false);
    const q = quote.data;
    const closed = job.handedOverAt !== null;
    return (
        <Main sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.quote.quote-for', { customer: job.customer })}
                </Typography>
                {job.comebackOf?.covered === true && (
                    <FormControlLabel
                        control={
                            <Switch
                                checked={warranty}
                                onChange={(_, v) => setWarranty(v)}
                                disabled={closed || job.accepted !== null}
                            />
                        }
                        label={say('page.quote.under-warranty-of-nothing-to-pay', { tag: job.comebackOf.tag })}
                    />
                )}
                <Button
                    component="a"
                    variant="outlined"
                    href={`/api/jobs/${job.id}/quote.pdf`}
                    target="_blank"
                    rel="noopener"
                >
                    {say('page.quote.quote-pdf')}
                </Button>
            </Box>
            <Outcome job={job} currency={q?.currency ?? ''} />
            <FurtherPrice job={job} currency={q?.currency ?? ''} />
            <Refusal error={accept.error ?? refuse.error ?? quote.error} job={job.id} />
            {q?.options.length === 0 && <Note tone="care">{say('page.quote.no-option-has-a-price-the')}</Note>}
            {q && q.payer === 'insurer' && !closed && <InsurerClaim job={job} quote={q} />}
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: {
                        xs: 'minmax(0, 1fr)',
                        sm: 'repeat(2, minmax(0, 1fr))',
                        lg: `repeat(${Math.max(2, q?.options.length ?? 2)}, minmax(0, 1fr))`,
                    },
                    gap: 2,
                }}
            >
                {q?.options.map((w) => (
                    <OptionCard
                        key={w.kind}
                        way={w}
                        quote={q}
                        warranty={warranty}
                        job={job}
                        busy={accept.isPending || closed || !w.works}
                        accept={(data) => accept.mutate({ way: w, data })}
                    />
                ))}
            </Box>
            {q && !closed && <WithoutPart job={job} kinds={q.withoutPart} />}
            {q && (
                <Typography color="textSecondary">
                    {say('page.quote.prices-include-tax-and-are-rounded', {
                        taxPercent: q.taxPercent,
                        roundTo: amount(q.roundTo, q.currency),
                    })}
                </Typography>
            )}
            {!closed && job.accepted !== null && !changed && (
                <Button color="inherit" onClick={() => setChanged(true)} sx={{ justifySelf: 'start' }}>
                    {say('page.quote.no-after-all')}
                </Button>
            )}
            {!closed && (job.accepted === null || changed) && (
                <Box
                    component="section"
                    aria-label={say('page.quote.customer-says-no')}
                    sx={{ display: 'flex', gap: 1, maxWidth: 760 }}
                >
                    <TextField
                        size="small"
                        fullWidth
                        label={say('page.quote.why-the-customer-says-no')}
                        value={reason}
                        onChange={(e) => setReason(e.target.value)}
                        slotProps={{ htmlInput: { maxLength: 300 } }}
                    />
                    <Button
                        variant="outlined"
                        color="inherit"
                        disabled={refuse.isPending || reason.trim().length < 3}
                        onClick={() => refuse.mutate(undefined)}
                        sx={{ flex: 'none' }}
                    >
                        {say('page.quote.hand-the-phone-back')}
                    </Button>
                </Box>
            )}
            <GoOn job={job} at="quote" />
        </Main>
    );
}
