<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** A stretch of the ledge that is narrower than the rest of its side, beside a key or a camera. */
final readonly class Narrowing
{
    /**
     * @param float $from  mm from the left or top end of the side of the glass
     * @param float $to    mm, more than `$from`
     * @param float $width mm from the bezel's wall, more than zero
     */
    public function __construct(public Side $side, public float $from, public float $to, public float $width) {}
}
