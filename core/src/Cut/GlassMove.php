<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Geometry\Side;

/** One piece of work between glass and panel: a curved edge, or a section across the whole width. */
final readonly class GlassMove
{
    /**
     * @param Side|null $curve   the curved edge; null for a section
     * @param float     $from    mm from the glass's top
     * @param float     $to      mm
     * @param float     $depth   mm the tip may go in at a curved edge, to the middle of the curve; the whole width
     *     for a section
     * @param float     $seconds hands-on
     * @param bool      $crazed  true where cracks run: short strokes, and half the pace at a curved edge
     */
    public function __construct(
        public Blade $blade,
        public ?Side $curve,
        public float $from,
        public float $to,
        public float $depth,
        public float $seconds,
        public bool $crazed,
    ) {}
}
