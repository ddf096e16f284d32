<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A rest, since the battery is near its limit. */
final readonly class Cooling extends Move
{
    public function __construct(float $seconds, AtEnd $end)
    {
        parent::__construct($seconds, $end);
    }
}
