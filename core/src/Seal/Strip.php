<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;

/** One piece of tape on the ledge. */
final readonly class Strip
{
    public function __construct(public Side $side, public float $width, public Rectangle $box) {}

    /** mm to cut from the roll. */
    public function length(): float
    {
        return $this->side->isHorizontal() ? $this->box->width : $this->box->height;
    }
}
