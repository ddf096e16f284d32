import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { costOf } from './cost';
import { Note } from '../../shell/Note';
import { mono } from '../../theme/tokens';
import { ago, say } from '../../words/words';

type Answer = Schemas['SupplierAnswer'];
export type Offer = Answer['offers'][number];

export const FAULT = {
    'not-set-up': say('page.offer-list.no-supplier-is-set-up'),
    unreachable: say('page.offer-list.the-supplier-does-not-answer'),
    refused: say('page.offer-list.the-supplier-is-out-of-order'),
    nonsense: say('page.offer-list.the-suppliers-answer-makes-no-sense'),
} as const;

interface Props {
    title: string;
    answer: Answer | undefined;
    asking: boolean;
    ask: () => void;
    /** What is done with an offer; left out where nothing can be ordered yet. */
    order?: ((offer: Offer) => void) | undefined;
}

/** What the supplier offers, how old its prices are, and what went wrong the last time it was asked. */
export function OfferList({ title, answer, asking, ask, order }: Props) {
    return (
        <>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <Typography component="h2" variant="h2">
                    {title}
                </Typography>
                <Typography color="textSecondary" sx={{ flex: 1 }}>
                    {answer?.goodAt
                        ? say('page.offer-list.prices-of', { goodAt: ago(answer.goodAt) })
                        : say('page.offer-list.not-asked-yet')}
                </Typography>
                <Button variant="outlined" disabled={asking} onClick={ask}>
                    {asking ? say('page.asking') : say('page.offer-list.ask-the-supplier')}
                </Button>
            </Box>
            {asking && <LinearProgress aria-label={say('page.offer-list.asking-the-supplier')} />}
            {answer?.fault && (
                <Note tone="care" role="status">
                    {FAULT[answer.fault]}{' '}
                    {answer.goodAt
                        ? say('page.offer-list.the-last-good-prices-stay', { goodAt: ago(answer.goodAt) })
                        : say('page.offer-list.no-price-is-known')}
                </Note>
            )}
            {answer?.offers.map((o) => (
                <Box
                    key={o.sku}
                    sx={{
                        display: 'grid',
                        gridTemplateColumns: {
                            xs: '110px minmax(0, 1fr)',
                            lg: `110px 1fr 110px 110px 110px${order ? ' 96px' : ''}`,
                        },
                        gap: 2,
                        alignItems: 'center',
                        py: 0.75,
                        borderBottom: 1,
                        borderColor: 'divider',
                    }}
                >
                    <Box sx={{ fontFamily: mono }}>{o.sku}</Box>
                    <Box>{o.name}</Box>
                    <Box sx={{ fontFamily: mono, textAlign: 'right' }}>{costOf(o.price, answer.currency)}</Box>
                    <Box>
                        {o.stock === 0
                            ? say('page.offer-list.none-in-stock')
                            : say('page.offer-list.in-stock', { stock: o.stock })}
                    </Box>
                    <Box>{say('ui.days-to-come', { count: o.leadDays })}</Box>
                    {order && (
                        <Button
                            variant="outlined"
                            aria-label={say('page.offer-list.order', { sku: o.sku })}
                            onClick={() => order(o)}
                        >
                            {say('page.offer-list.order-2')}
                        </Button>
                    )}
                </Box>
            ))}
        </>
    );
}
