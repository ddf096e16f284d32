<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** The panel is given up at a corner: no heat frees its tape. */
final readonly class BreakPanel extends Move
{
    public function __construct(float $seconds, AtEnd $end, public Side $side)
    {
        parent::__construct($seconds, $end);
    }
}
