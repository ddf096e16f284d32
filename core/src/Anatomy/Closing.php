<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** How a bond is made again. */
final readonly class Closing
{
    /**
     * @param float     $height       mm of the new adhesive
     * @param float     $clampMinutes hands-off minutes under clamps after closing, zero if pressed by hand only
     * @param Side|null $noClamp      side that ordinary clamps do not fit
     */
    public function __construct(
        public Renewal $renewal,
        public float $height,
        public float $clampMinutes,
        public ?Side $noClamp = null,
    ) {}
}
