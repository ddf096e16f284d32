<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Document\Reason;
use Facelift\Quantity\Money;

/** What is charged for one way of doing a job: `net + tax = gross`, to the cent. */
final readonly class Charge
{
    /**
     * @param PriceRule   $rule  the rule that set the price
     * @param Reason|null $worth beside what the phone is worth; null if nobody has said
     */
    public function __construct(
        public Money $gross,
        public Money $net,
        public Money $tax,
        public PriceRule $rule,
        public ?Reason $worth,
        public Inside $inside,
    ) {}

    public static function of(Price $price, JobCost $cost, ?Reason $worth): self
    {
        return new self(
            $price->gross,
            $price->net,
            $price->tax,
            $price->rule,
            $worth,
            Inside::of($cost, $price),
        );
    }

    public function raisedBy(Further $further): self
    {
        $price = $further->price;

        return $price === null ? $this : new self(
            $this->gross->plus($price->gross),
            $this->net->plus($price->net),
            $this->tax->plus($price->tax),
            $this->rule,
            $this->worth,
            $this->inside->raisedBy($further),
        );
    }
}
