<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/** What a trouble at the bench adds to an accepted price: a further part and further work. */
final readonly class Further
{
    /** @param Price|null $price null if nothing is added: no part and no work */
    private function __construct(public Money $cost, public ?Price $price) {}

    /**
     * The same margin floor, tax and rounding as the first price. Sundries are in that one already.
     *
     * @param Money $part    what the further part costs the shop, not negative
     * @param int   $minutes further hands-on work, 0 or more
     */
    public static function of(Money $part, int $minutes, ShopRules $rules): self
    {
        $cost = $part->plus($rules->hourlyRate->times($minutes)->dividedBy(60))->toCents();

        return new self($cost, $cost->isZero() ? null : Price::of($cost, $rules, null));
    }

    /** What the customer is asked for on top. */
    public function gross(): Money
    {
        return $this->price->gross ?? Money::zero();
    }
}
