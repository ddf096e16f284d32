<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** Alcohol beside the blade. */
final readonly class Alcohol extends Move
{
    public function __construct(float $seconds, AtEnd $end, public Side $side)
    {
        parent::__construct($seconds, $end);
    }
}
