import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { mono } from '../../theme/tokens';
import { ago, amount, say } from '../../words/words';

type Answer = Schemas['SupplierAnswer'];
export type Offer = Answer['offers'][number];

export const FAULT = {
    'not-set-up': 'No supplier is set up.',
    unreachable: 'The supplier does not answer.',
    refused: 'The supplier is out of order.',
    nonsense: 'The supplier’s answer makes no sense and is not used.',
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
                    {answer?.goodAt ? `Prices of ${ago(answer.goodAt)}` : 'Not asked yet'}
                </Typography>
                <Button variant="outlined" disabled={asking} onClick={ask}>
                    {asking ? 'Asking…' : 'Ask the supplier'}
                </Button>
            </Box>
            {asking && <LinearProgress aria-label="Asking the supplier" />}
            {answer?.fault && (
                <Note tone="care" role="status">
                    {FAULT[answer.fault]}{' '}
                    {answer.goodAt ? `The last good prices stay, ${ago(answer.goodAt)}.` : 'No price is known.'}
                </Note>
            )}
            {answer?.offers.map((o) => (
                <Box
                    key={o.sku}
                    sx={{
                        display: 'grid',
                        gridTemplateColumns: `110px 1fr 110px 110px 110px${order ? ' 96px' : ''}`,
                        gap: 2,
                        alignItems: 'center',
                        py: 0.75,
                        borderBottom: 1,
                        borderColor: 'divider',
                    }}
                >
                    <Box sx={{ fontFamily: mono }}>{o.sku}</Box>
                    <Box>{o.name}</Box>
                    <Box sx={{ fontFamily: mono, textAlign: 'right' }}>{amount(o.price, answer.currency)}</Box>
                    <Box>{o.stock === 0 ? 'none in stock' : `${o.stock} in stock`}</Box>
                    <Box>{say('ui.days-to-come', { count: o.leadDays })}</Box>
                    {order && (
                        <Button variant="outlined" aria-label={`Order ${o.sku}`} onClick={() => order(o)}>
                            Order
                        </Button>
                    )}
                </Box>
            ))}
        </>
    );
}
