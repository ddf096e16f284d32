<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Cost\Charge;
use Facelift\Cost\JobCost;
use Facelift\Cost\Price;
use Facelift\Document\Reason;

/** What an option costs the shop, what it costs the customer, and whether the phone is worth it. */
final readonly class Priced
{
    public function __construct(public JobCost $cost, public Price $price, public ?Reason $worth) {}

    public function charge(): Charge
    {
        return Charge::of($this->price, $this->cost, $this->worth);
    }
}
