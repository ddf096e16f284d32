<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** How much of a corner is held. */
final readonly class HeldCorner
{
    /** @param float $share of the corner's length along the wall, 0 to 1 */
    public function __construct(public EdgePlace $corner, public float $share) {}
}
