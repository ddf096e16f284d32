<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\PartOrder;
use App\Models\SupplierPrice;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;
use Illuminate\Support\Carbon;

/** The supplier's prices, stock and lead times. The last good answer is kept while later ones fail. */
final readonly class Supplier
{
    public function __construct(private Caller $caller) {}

    /**
     * What was last said; null if it was never asked.
     *
     * @param string $kind of a replacement, or of a part of the phone
     */
    public function known(string $code, string $kind): ?SupplierPrice
    {
        return SupplierPrice::query()->where('code', $code)->where('kind', $kind)->first();
    }

    /** Asks anew. Whatever goes wrong is noted beside the last good answer; nothing is thrown. */
    public function ask(string $code, string $kind): SupplierPrice
    {
        $row = $this->known($code, $kind) ?? new SupplierPrice(['code' => $code, 'kind' => $kind]);
        $row->asked_at = Carbon::now();
        try {
            $row->offers = $this->read($this->caller->get('/offers', ['code' => $code, 'kind' => $kind]));
            $row->good_at = Carbon::now();
            $row->fault = null;
        } catch (NoGoodAnswer $e) {
            $row->fault = $e->fault;
        }
        SupplierPrice::query()->upsert(
            [
                [
                    'code' => $code,
                    'kind' => $kind,
                    'offers' => json_encode($row->offers, JSON_THROW_ON_ERROR),
                    'good_at' => $row->good_at,
                    'asked_at' => $row->asked_at,
                    'fault' => $row->fault?->value,
                ],
            ],
            ['code', 'kind'],
            ['offers', 'good_at', 'asked_at', 'fault'],
        );

        return $this->known($code, $kind) ?? $row;
    }

    /**
     * Orders one piece. The order's id names it at the supplier, so asking again orders nothing twice.
     *
     * @return array{reference: string, leadDays: int}
     *
     * @throws NoGoodAnswer If it does not answer, refuses, or has understood another part or price.
     */
    public function order(PartOrder $order, string $code, string $kind): array
    {
        $faults = new Faults();
        $n = Node::root(
            $this->caller->put('/orders/' . $order->id, [
                'sku' => $order->sku,
                'code' => $code,
                'kind' => $kind,
                'price' => $order->price,
            ]),
            $faults,
        );
        $said = ['reference' => $n->string('reference'), 'leadDays' => $n->int('leadDays', 0, 365)];
        if (
            $n->string('sku') !== $order->sku
            || !self::same($n->string('price'), $order->price)
            || mb_strlen($said['reference']) > 40
            || $faults->any()
        ) {
            throw NoGoodAnswer::nonsense('sku, price, reference or leadDays');
        }

        return $said;
    }

    private static function same(string $said, string $kept): bool
    {
        try {
            return Money::of($said)->equals(Money::of($kept));
        } catch (NotAnAmount) {
            return false;
        }
    }

    /**
     * @return list<array{sku: string, name: string, supplier?: string, price: string, stock: int, leadDays: int}>
     *
     * @throws NoGoodAnswer If anything in it cannot be: nothing of it is then used.
     */
    private function read(mixed $answer): array
    {
        $faults = new Faults();
        $offers = Node::root($answer, $faults)->requires('offers')->each('offers', static function (Node $n): array {
            $price = $n->string('price');
            try {
                $wrong = Money::of($price)->isNegative() || Money::of($price)->isZero();
            } catch (NotAnAmount) {
                $wrong = true;
            }
            if ($wrong) {
                $n->fault('price', 'is no price');
            }

            return [
                'sku' => $n->string('sku'),
                'name' => $n->string('name'),
                'supplier' => $n->has('supplier') ? mb_substr($n->string('supplier'), 0, 80) : '',
                'price' => $price,
                'stock' => $n->int('stock', 0, 1_000_000),
                'leadDays' => $n->int('leadDays', 0, 365),
            ];
        });
        if ($faults->any()) {
            throw NoGoodAnswer::nonsense($faults->all()[0]->path);
        }

        return $offers;
    }
}
