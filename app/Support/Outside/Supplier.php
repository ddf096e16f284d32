<?php

declare(strict_types=1);

namespace App\Support\Outside;

use App\Models\SupplierPrice;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;
use Illuminate\Support\Carbon;

/** The supplier's prices, stock and lead times. The last good answer is kept while later ones fail. */
final readonly class Supplier
{
    public function __construct(private Caller $caller) {}

    /** What was last said; null if it was never asked. */
    public function known(string $code, ReplacementKind $kind): ?SupplierPrice
    {
        return SupplierPrice::query()->where('code', $code)->where('kind', $kind->value)->first();
    }

    /** Asks anew. Whatever goes wrong is noted beside the last good answer; nothing is thrown. */
    public function ask(string $code, ReplacementKind $kind): SupplierPrice
    {
        $row = $this->known($code, $kind) ?? new SupplierPrice(['code' => $code, 'kind' => $kind->value]);
        $row->asked_at = Carbon::now();
        try {
            $row->offers = $this->read($this->caller->get('/offers', ['code' => $code, 'kind' => $kind->value]));
            $row->good_at = Carbon::now();
            $row->fault = null;
        } catch (NoGoodAnswer $e) {
            $row->fault = $e->fault;
        }
        SupplierPrice::query()->upsert([['code' => $code, 'kind' => $kind->value, 'offers' => json_encode($row->offers, JSON_THROW_ON_ERROR), 'good_at' => $row->good_at, 'asked_at' => $row->asked_at, 'fault' => $row->fault]], ['code', 'kind'], ['offers', 'good_at', 'asked_at', 'fault']);

        return $this->known($code, $kind) ?? $row;
    }

    /**
     * @return list<array{sku: string, name: string, price: string, stock: int, leadDays: int}>
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

            return ['sku' => $n->string('sku'), 'name' => $n->string('name'), 'price' => $price, 'stock' => $n->int('stock', 0, 1_000_000), 'leadDays' => $n->int('leadDays', 0, 365)];
        });
        if ($faults->any()) {
            throw NoGoodAnswer::nonsense($faults->all()[0]->path);
        }

        return $offers;
    }
}
