import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Job, Schemas } from '../../api/client';
import { mono } from '../../theme/tokens';
import { Ticked } from '../../shell/Ticked';
import { Why } from '../../shell/Why';
import { amount, minutes, moment, say, sayReason, sentence } from '../../words/words';
import { asksForData, DataChoice, type Chosen } from './DataChoice';

type Way = Schemas['Way'];

interface CardProps {
    way: Way;
    quote: Schemas['Quote'];
    warranty: boolean;
    job: Job;
    busy: boolean;
    accept: (data: Chosen | null) => void;
}

/** One way with its price, its promise and what the customer must hear of it. */
export function OptionCard({ way, quote, warranty, job, busy, accept }: CardProps) {
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
            <Why of={say('page.quote.price')}>
                {say(
                    data.way === 'chip' && way.chip
                        ? 'why.price-chip'
                        : m.rule === 'fixed'
                          ? 'why.price-fixed'
                          : 'why.price',
                )}
            </Why>
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
            {way.promiseFrom && <PromiseFrom of={way.promiseFrom} />}
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

/** What a promise waits for, and how it was reckoned. */
function PromiseFrom({ of }: { of: NonNullable<Way['promiseFrom']> }) {
    return (
        <>
            {of.movedBy.length > 0 && (
                <Box sx={{ color: 'text.secondary' }}>
                    {of.movedBy.map((m) => say(`moved-by.${m.what}`, { until: moment(m.until) })).join(' ')}
                </Box>
            )}
            <Why of={say('page.quote.ready')}>
                {say('page.quote.promise-from', {
                    certainty: of.certainty,
                    likely: moment(of.likely),
                    ahead: of.ahead,
                    alone: moment(of.alone),
                })}
            </Why>
        </>
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
            <Box component="summary" sx={{ cursor: 'pointer', minHeight: 48, alignContent: 'center' }}>
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
