<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Side;

/** The rim that carries the display's adhesive. All mm, strictly positive. */
final readonly class Ledge
{
    /** ± mm on each of recess, module and adhesive where the file says nothing (common practice, no source). */
    public const USUAL_TOLERANCE = 0.05;

    /**
     * @param float           $foam       mm of insert foam, as pressed, under the panel; zero if there is none
     * @param list<Narrowing> $narrowings stretches on which it is narrower
     */
    public function __construct(
        public float $top,
        public float $right,
        public float $bottom,
        public float $left,
        public float $recess,
        public float $module,
        public float $tolerance = self::USUAL_TOLERANCE,
        public float $foam = 0.0,
        public array $narrowings = [],
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
