<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A pass of the blade along a stretch of the edge. */
final readonly class Pass extends Move
{
    public function __construct(public Way $way, float $seconds, AtEnd $end)
    {
        parent::__construct($seconds, $end);
    }
}
