<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;

/** Size and shape of the phone, its glass and its lit area. */
final readonly class Body
{
    /**
     * @param float         $thickness mm
     * @param FrameMaterial $frame     of the edge round the glass
     * @param float         $curve     mm at the left and right over which the glass curves down; zero if it is flat
     */
    public function __construct(
        public RoundedRectangle $outline,
        public float $thickness,
        public RoundedRectangle $glass,
        public Rectangle $display,
        public int $pixelsWide,
        public int $pixelsHigh,
        public FrameMaterial $frame,
        public float $curve,
    ) {}
}
