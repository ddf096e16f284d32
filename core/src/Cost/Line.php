<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/** One line of a job's cost, by its code: part, labour, tape, seal, glue, kit, sundries or risk. */
final readonly class Line
{
    /** @param float $quantity in the unit of the code: pieces, minutes, metres, ml, or a probability */
    public function __construct(public string $code, public float $quantity, public Money $amount) {}
}
