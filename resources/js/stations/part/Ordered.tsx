import Button from '@mui/material/Button';
import { costOf } from '../pieces/cost';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Note } from '../../shell/Note';
import { day, say } from '../../words/words';
import { FAULT } from '../pieces/OfferList';

interface Props {
    order: Schemas['PartOrder'];
    currency: string;
    /** Asks the supplier again under the same id; left out where that is not possible. */
    again: (() => void) | undefined;
}

/** Where the order for a job stands. */
export function Ordered({ order, currency, again }: Props) {
    return order.state === 'ordered' ? (
        <Note tone="done" role="status">
            {say('page.offers.is-ordered', {
                name: order.name,
                sku: order.sku,
                price: costOf(order.price, currency),
                dueOn: day(order.dueOn ?? ''),
                reference: order.reference,
            })}{' '}
            <Link to="/shelf-orders">{say('page.offers.take-it-in')}</Link>
        </Note>
    ) : (
        <Note tone="care" role="status">
            {say('page.part-order.is-asked-for-and-not-confirmed', {
                sku: order.sku,
                fault: order.fault ? FAULT[order.fault] : '',
            })}
            {again && (
                <Button variant="outlined" onClick={again} sx={{ ml: 2 }}>
                    {say('page.part-order.try-again')}
                </Button>
            )}
        </Note>
    );
}
