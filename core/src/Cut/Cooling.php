<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A rest: the battery is near its limit, or the source is not hot again yet. */
final readonly class Cooling extends Move
{
    public function __construct(float $seconds, AtEnd $end, public bool $sourceIsCold = false)
    {
        parent::__construct($seconds, $end);
    }
}
