<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** One thing done to part a bond. */
abstract readonly class Move
{
    /** @param float $seconds on the source for heat, waiting for a rest, hands-on for everything else */
    protected function __construct(public float $seconds, public AtEnd $end) {}
}
