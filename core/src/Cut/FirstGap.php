<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** The first pick goes in. */
final readonly class FirstGap extends Move
{
    /** @param float|null $keptAt °C at which the source keeps the bond meanwhile; null if it is taken away */
    public function __construct(float $seconds, AtEnd $end, public Side $side, public ?float $keptAt = null)
    {
        parent::__construct($seconds, $end);
    }
}
