import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { Link } from 'react-router';
import { api, take, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { queryClient } from '../../api/queryClient';
import { newId } from '../../bench/ids';
import { Empty } from '../../shell/Empty';
import { Refusal } from '../../shell/Refusal';
import { Figure } from '../../shell/Figure';
import { mono } from '../../theme/tokens';
import { amount, day, say } from '../../words/words';
import { Main } from '../../shell/Main';

type Claim = Schemas['Claim'];

/** Money that insurers owe, overdue first. */
export function Money() {
    const claims = useQuery(queries.claims());
    const me = useQuery(queries.me());
    const c = claims.data;
    return (
        <Main sx={{ display: 'grid', gap: 3 }}>
            <Box sx={{ display: 'flex', gap: 4, alignItems: 'end' }}>
                <Typography component="h1" variant="h1" sx={{ flex: 1 }}>
                    {say('page.money.owed-by-insurers')}
                </Typography>
                {c && <Figure name={say('page.money.open')} value={amount(c.open, c.currency)} />}
                {c && <Figure name={say('page.money.overdue')} value={amount(c.overdue, c.currency)} />}
            </Box>
            {c?.data.length === 0 && (
                <Empty first={{ label: say('page.empty.to-jobs'), to: '/jobs' }}>
                    {say('page.money.nothing-is-owed-a-claim-stands')}
                </Empty>
            )}
            {c?.data.map((row) => (
                <ClaimRow key={row.id} claim={row} currency={c.currency} maySettle={me.data?.role !== 'technician'} />
            ))}
        </Main>
    );
}

function ClaimRow({ claim, currency, maySettle }: { claim: Claim; currency: string; maySettle: boolean }) {
    const [paid, setPaid] = useState(claim.open);
    const [id, setId] = useState(newId);
    const settled = async () => {
        setId(newId());
        await queryClient.invalidateQueries({ queryKey: ['claims'] });
    };
    const pay = useMutation({
        mutationFn: () =>
            take(
                api.POST('/api/claims/{claim}/payments', {
                    params: { path: { claim: claim.id } },
                    body: { id, amount: paid, paidOn: new Date().toISOString().slice(0, 10) },
                }),
            ),
        onSuccess: settled,
    });
    const reject = useMutation({
        mutationFn: () => take(api.POST('/api/claims/{claim}/rejection', { params: { path: { claim: claim.id } } })),
        onSuccess: settled,
    });
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        pay.mutate();
    };
    const open = claim.open !== '0.00';
    const edge = claim.overdue ? 'stop' : open ? 'care' : 'done';
    return (
        <Box
            component="section"
            aria-label={say('page.money.claim-of', { tag: claim.job.tag })}
            sx={(t) => ({
                bgcolor: 'background.paper',
                borderLeft: `6px solid ${t.palette.role[edge]}`,
                borderRadius: 1,
                p: 2,
            })}
        >
            <Box
                sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '90px 1.2fr 1fr 1fr auto' },
                    gap: 2,
                    alignItems: 'center',
                }}
            >
                <Box sx={{ fontFamily: mono, fontWeight: 700 }}>
                    <Link to={`/jobs/${claim.job.id}`}>{claim.job.tag}</Link>
                </Box>
                <Box>
                    {claim.job.customer}
                    <Box sx={{ color: 'text.secondary' }}>
                        {say('page.money.policy', { policy: claim.policy, reference: claim.reference })}
                    </Box>
                </Box>
                <Box>
                    <Box sx={{ fontFamily: mono }}>{amount(claim.authorised ?? '0.00', currency)}</Box>
                    <Box sx={{ color: 'text.secondary' }}>
                        {say(`claim.${claim.state}`).toLowerCase()}
                        {claim.paid !== '0.00' ? say('page.money.paid', { paid: amount(claim.paid, currency) }) : ''}
                    </Box>
                </Box>
                <Box sx={(t) => (claim.overdue ? { color: t.palette.role.stop, fontWeight: 700 } : {})}>
                    {open ? due(claim) : say('page.money.nothing-open')}
                </Box>
                {open && maySettle ? (
                    <Box component="form" onSubmit={submit} sx={{ display: 'flex', gap: 1 }}>
                        <TextField
                            size="small"
                            label={say('page.money.came-in')}
                            value={paid}
                            onChange={(e) => setPaid(e.target.value.replace(',', '.'))}
                            sx={{ width: 110 }}
                        />
                        <Button type="submit" variant="contained" disabled={pay.isPending}>
                            {say('page.keep')}
                        </Button>
                        <Button
                            variant="outlined"
                            color="error"
                            disabled={reject.isPending}
                            onClick={() => reject.mutate()}
                        >
                            {say('page.money.rejected')}
                        </Button>
                    </Box>
                ) : (
                    <Box />
                )}
            </Box>
            <Refusal error={pay.error ?? reject.error} />
        </Box>
    );
}

/** By when the insurer pays, or since when it should have. */
function due({ dueOn, overdue }: Claim): string {
    if (dueOn === null) {
        return say('page.money.no-date');
    }
    return say(overdue ? 'page.money.overdue-since' : 'page.money.due', { on: day(dueOn) });
}
