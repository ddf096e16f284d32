<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** How warm things are when a move is over. Estimates. */
final readonly class AtEnd
{
    /**
     * @param float $bond    °C of the bond line
     * @param float $battery °C
     * @param float $grips   s from then on until the bond grips again
     */
    public function __construct(public float $bond, public float $battery, public float $grips) {}
}
