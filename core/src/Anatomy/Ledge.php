<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** The rim that carries the display's adhesive. All mm, strictly positive. */
final readonly class Ledge
{
    public function __construct(
        public float $top,
        public float $right,
        public float $bottom,
        public float $left,
        public float $recess,
        public float $module,
    ) {}

    public function width(Side $side): float
    {
        return match ($side) {
            Side::Top => $this->top,
            Side::Right => $this->right,
            Side::Bottom => $this->bottom,
            Side::Left => $this->left,
        };
    }
}
