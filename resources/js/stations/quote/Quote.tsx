import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take, type Job, type Schemas } from '../../api/client';
import { queries } from '../../api/queries';
import { Note } from '../../shell/Note';
import { Ticked } from '../../shell/Ticked';
import { Refusal } from '../../shell/Refusal';
import { useChange } from '../../shell/useChange';
import { useJob } from '../../shell/jobContext';
import { mono } from '../../theme/tokens';
import { amount, minutes, moment, say, sayReason, sentence } from '../../words/words';
import { asksForData, DataChoice, type Chosen } from './DataChoice';
import { FurtherPrice } from './FurtherPrice';
import { InsurerClaim } from './InsurerClaim';

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
    const q = quote.data;
    const closed = job.handedOverAt !== null;
    return (
        <Box
            component="main"
            sx={{ p: 3, maxWidth: 1280, width: '100%', mx: 'auto', display: 'grid', gap: 2, alignContent: 'start' }}
        >
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
                    gridTemplateColumns: `repeat(${Math.max(2, q?.options.length ?? 2)}, 1fr)`,
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
            {q && (
                <Typography color="textSecondary">
                    {say('page.quote.prices-include-tax-and-are-rounded', {
                        taxPercent: q.taxPercent,
                        roundTo: amount(q.roundTo, q.currency),
                    })}
                </Typography>
            )}
            {!closed && (
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
        </Box>
    );
}

function Outcome({ job, currency }: { job: Job; currency: string }) {
    if (job.closedAs === 'refused') {
        return (
            <Note tone="plain">
                {say('page.quote.handed-back-unrepaired', { closedReason: job.closedReason })}{' '}
                <a href={`/api/jobs/${job.id}/receipt.pdf`}>{say('page.receipt-pdf')}</a>
            </Note>
        );
    }
    if (!job.accepted) {
        return null;
    }
    const a = job.accepted;
    return (
        <Note tone="done" role="status">
            <b>{say('page.quote.accepted', { at: moment(a.at), kind: say(`kind.${a.kind}`), label: a.label })}</b>{' '}
            {a.warranty
                ? say('page.quote.under-warranty-nothing-to-pay')
                : say('page.quote.due-at-the-counter', {
                      due: amount(a.due, currency),
                      insured:
                          a.insured === '0.00'
                              ? ''
                              : say('page.quote.the-insurer-owes-from-hand-over', {
                                    insured: amount(a.insured, currency),
                                }),
                  })}
            {a.data && ` ${say('page.data.decided', { by: a.data.by, way: say(`data-way.${a.data.way}`) })}. `}
            {job.promisedAt && say('page.quote.promised', { promisedAt: moment(job.promisedAt) })}
        </Note>
    );
}

interface CardProps {
    way: Way;
    quote: Schemas['Quote'];
    warranty: boolean;
    job: Job;
    busy: boolean;
    accept: (data: Chosen | null) => void;
}

function OptionCard({ way, quote, warranty, job, busy, accept }: CardProps) {
    const m = way.money;
    const ways = way.data ?? [];
    const kept = job.accepted?.kind === way.kind ? job.accepted.data : null;
    const [data, setData] = useState<Chosen>(kept ?? { way: ways[0]?.way ?? 'own', by: '' });
    if (!m) {
        return null;
    }
    // Somebody may decide otherwise about the data before the bench begins: that is another acceptance.
    const accepted = job.accepted?.kind === way.kind && (kept === null || kept.way === data.way);
    const asks = asksForData(ways);
    const unsaid = asks && data.by.trim().length < 2;
    const what = accepted ? say('page.quote.accepted-2') : say('page.quote.customer-accepts');
    return (
        <Box
            component="section"
            aria-label={say(`kind.${way.kind}`)}
            sx={(t) => ({
                bgcolor: 'background.paper',
                border:
                    way.kind === job.kind ? `2px solid ${t.palette.role.action}` : `1px solid ${t.palette.role.rule}`,
                borderRadius: 1,
                p: 2,
                display: 'grid',
                gap: 1,
                alignContent: 'start',
            })}
        >
            <Box sx={{ minHeight: 44 }}>
                <Typography component="h2" variant="h2">
                    {say(`kind.${way.kind}`)}
                </Typography>
                <Typography color="textSecondary">
                    {way.item?.label} {way.item?.name}
                    {way.recommended ? say('page.quote.recommended') : ''}
                </Typography>
            </Box>
            <Box sx={{ fontFamily: mono, fontWeight: 800, fontSize: '2.25rem', fontVariantNumeric: 'tabular-nums' }}>
                {amount(warranty ? '0.00' : data.way === 'chip' && way.chip ? way.chip.total : m.gross, quote.currency)}
            </Box>
            <Box sx={{ color: 'text.secondary', fontFamily: mono }}>
                {say('page.quote.net-tax', {
                    net: amount(m.net, quote.currency),
                    tax: amount(m.tax, quote.currency),
                    rule: m.rule === 'fixed' ? say('page.quote.fixed-price') : '',
                })}
            </Box>
            <Box>
                {way.promise ? (
                    <>
                        {say('page.quote.ready')} <b>{moment(way.promise)}</b>{' '}
                        {say('page.quote.if-accepted-now-of-work', { handsOn: minutes(way.handsOn) })}
                    </>
                ) : (
                    <b>{say('quote.nobody-may')}</b>
                )}
            </Box>
            {way.promiseFrom && (
                <Box sx={{ color: 'text.secondary' }}>
                    {say('page.quote.promise-from', {
                        certainty: way.promiseFrom.certainty,
                        likely: moment(way.promiseFrom.likely),
                        ahead: way.promiseFrom.ahead,
                        alone: moment(way.promiseFrom.alone),
                    })}{' '}
                    {way.promiseFrom.movedBy
                        .map((m) => say(`moved-by.${m.what}`, { until: moment(m.until) }))
                        .join(' ')}
                </Box>
            )}
            {m.worth && m.worth.code !== 'worth-unknown' && <Box>{sentence(sayReason(m.worth))}</Box>}
            <Box component="ul" aria-label={say('page.customer-hears')} sx={{ m: 0, pl: 2.5 }}>
                {withoutData(way).map((c) => (
                    <li key={c.code + JSON.stringify(c.figures)}>{sayReason(c)}</li>
                ))}
            </Box>
            {ways.length > 0 && (
                <DataChoice
                    ways={ways}
                    chip={way.chip ?? null}
                    expert={quote.expert}
                    currency={quote.currency}
                    chosen={data}
                    choose={({ way: w, by }) => setData({ way: w, by })}
                    closed={busy}
                    of={say(`kind.${way.kind}`)}
                />
            )}
            {m.inside && <Inside money={m} currency={quote.currency} risk={way.risk} />}
            <Button
                variant={way.kind === job.kind ? 'contained' : 'outlined'}
                disabled={busy || accepted || unsaid}
                onClick={() => accept(asks ? data : null)}
                sx={{ minHeight: 64, fontSize: '1.125rem', mt: 1 }}
                aria-label={say('page.of', { what, which: say(`kind.${way.kind}`) })}
            >
                {accepted ? <Ticked text={what} /> : what}
            </Button>
        </Box>
    );
}

/** What the customer hears of a way but for the display's data, which has a table of its own. */
function withoutData({ customer, data = [] }: Way): Way['customer'] {
    const said = new Set(data.flatMap((d) => d.hears.map((h) => JSON.stringify(h))));
    return customer.filter((c) => !said.has(JSON.stringify(c)));
}

/** Cost and margin; the server sends it to owner and technician only. */
function Inside({ money, currency, risk }: { money: NonNullable<Way['money']>; currency: string; risk: number }) {
    const i = money.inside;
    if (!i) {
        return null;
    }
    const line = (name: string, value: string, strong = false) => (
        <Box key={name} sx={{ display: 'flex', fontWeight: strong ? 700 : 400 }}>
            <Box sx={{ flex: 1 }}>{name}</Box>
            <Box sx={{ fontFamily: mono, fontVariantNumeric: 'tabular-nums' }}>{amount(value, currency)}</Box>
        </Box>
    );
    return (
        <Box component="details" sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>
            <Box component="summary" sx={{ cursor: 'pointer', minHeight: 32 }}>
                {say('page.quote.cost-margin', { expected: amount(i.expected, currency) })}{' '}
                <Box component="b" sx={(t) => (i.underFloor ? { color: t.palette.role.stop } : {})}>
                    {amount(i.margin, currency)}
                    {i.underFloor ? say('page.quote.under-the-floor') : ''}
                </Box>
            </Box>
            {i.lines.map((l) =>
                line(
                    say(`cost.${l.code}`, { quantity: l.code === 'labour' ? Math.round(l.quantity) : l.quantity }),
                    l.amount,
                ),
            )}
            {i.risks.map((l) => line(`${say(`cost.${l.code}`)}, ${Math.round(1000 * l.quantity) / 10} %`, l.amount))}
            {line(say('page.quote.expected-cost-risk-of-in-it', { risk }), i.expected, true)}
        </Box>
    );
}
