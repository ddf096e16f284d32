import { amount, say } from '../../words/words';

/** What a part costs the shop; who may not see it is told so. */
export const costOf = (price: string | null, currency: string): string =>
    price === null ? say('order.cost-not-shown') : amount(price, currency);
