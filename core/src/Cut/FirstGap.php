<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** The first pick goes in. */
final readonly class FirstGap extends Move
{
    public function __construct(float $seconds, AtEnd $end, public Side $side)
    {
        parent::__construct($seconds, $end);
    }
}
