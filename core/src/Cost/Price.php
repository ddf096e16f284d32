<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Brick\Math\BigDecimal;
use Facelift\Quantity\Money;

/** What the customer pays and what stays. `net + tax = gross`, to the cent. */
final readonly class Price
{
    /**
     * @param PriceRule $rule        the rule that set it
     * @param Money  $margin      net less expected cost; negative if the job loses money
     * @param bool   $underFloor  true if a fixed price leaves less than the margin floor
     */
    private function __construct(
        public Money $gross,
        public Money $net,
        public Money $tax,
        public Money $margin,
        public PriceRule $rule,
        public bool $underFloor,
    ) {}

    /**
     * The lowest price that keeps the margin floor, rounded up to the shop's step; or the fixed one.
     *
     * Net needed = expected cost / (1 − floor). Gross = net × (1 + tax), rounded up. Net shown = gross / (1 + tax),
     * half up to cents.
     */
    public static function of(Money $expected, ShopRules $rules, ?Money $fixed): self
    {
        $needed = $expected->dividedBy((string) BigDecimal::one()->minus($rules->marginFloor));
        $withTax = (string) BigDecimal::one()->plus($rules->taxRate);
        $gross = $fixed?->toCents() ?? $needed->times($withTax)->roundedUpTo($rules->roundTo);
        $net = $gross->dividedBy($withTax)->toCents();

        return new self(
            $gross,
            $net,
            $gross->minus($net),
            $net->minus($expected)->toCents(),
            $fixed === null ? PriceRule::MarginFloor : PriceRule::Fixed,
            $net->isLessThan($needed->toCents()),
        );
    }
}
