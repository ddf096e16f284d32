<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/** Something that may go wrong and what it then costs the shop. */
final readonly class Loss
{
    /** @param float $probability 0 to 1 */
    public function __construct(public string $code, public float $probability, public Money $amount) {}
}
