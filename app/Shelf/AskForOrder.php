<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Exceptions\Conflict;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Outside\NoGoodAnswer;
use App\Outside\Supplier;
use Illuminate\Support\Carbon;

/**
 * The second step of an order, the supplier's: the first has kept it as asked. Whatever happens on the way, one part at
 * most is ordered.
 */
final readonly class AskForOrder
{
    public function __construct(private Supplier $supplier) {}

    /**
     * What the supplier last said of a part.
     *
     * @return array{sku: string, name: string, supplier?: string, price: string, stock: int, leadDays: int}
     *
     * @throws Conflict If it is not offered any more.
     */
    public function offered(string $code, string $kind, string $sku): array
    {
        foreach ($this->supplier->known($code, $kind)->offers ?? [] as $offer) {
            if ($offer['sku'] === $sku) {
                return $offer;
            }
        }
        throw Conflict::notReachable(sprintf('%s is not offered any more. Ask the supplier anew.', $sku));
    }

    /**
     * An order that was never answered may have got through: it is asked for again under its first id, never a second
     * one beside it.
     *
     * @throws Conflict If another one stands.
     */
    public static function mayGoOn(PartOrder $there, string $id, string $sku): PartOrder
    {
        if ($there->sku !== $sku) {
            throw Conflict::notReachable(
                sprintf(
                    '%s is %s.',
                    $there->sku,
                    $there->state === OrderState::Ordered
                        ? 'ordered already'
                        : 'asked for, and that may have got through: try again with it',
                ),
            );
        }
        if ($there->state === OrderState::Ordered && $there->id !== $id) {
            throw Conflict::notReachable(sprintf('%s is ordered already.', $there->sku));
        }

        return $there;
    }

    /** @throws Conflict If the supplier declines: then nothing is kept. */
    public function __invoke(PartOrder $order, string $code, string $kind): PartOrder
    {
        if ($order->state === OrderState::Asked) {
            $this->ask($order, $code, $kind);
        }

        return $order->refresh();
    }

    private function ask(PartOrder $order, string $code, string $kind): void
    {
        try {
            $said = $this->supplier->order($order, $code, $kind);
            $order->update([
                'state' => OrderState::Ordered,
                'reference' => $said['reference'],
                'lead_days' => $said['leadDays'],
                'due_on' => Carbon::today()->addDays($said['leadDays']),
                'fault' => null,
            ]);
        } catch (NoGoodAnswer $e) {
            if ($e->declined) {
                // It knows the order by its id, so a no means that there is none: another may be chosen.
                $order->delete();
                throw Conflict::notReachable(
                    sprintf(
                        'The supplier does not take the order for %s: price or stock have changed. Ask it anew.',
                        $order->sku,
                    ),
                );
            }
            $order->update(['fault' => $e->fault]);
        }
    }
}
