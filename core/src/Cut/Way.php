<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\Stretch;

/** How a blade goes along a stretch: which, how deep and how fast. */
final readonly class Way
{
    /**
     * @param Stretch $stretch the part of the edge that is cut
     * @param Blade   $blade
     * @param float   $depth  mm the tip may go in
     * @param float   $pace   mm/s along the straight edge as a mean over the pass, more than zero
     * @param float   $length mm of edge, corners along their arc
     * @param bool    $crazed true where the glass is crazed: short strokes
     * @param bool    $flat   true where the tip goes in deeper and flat, to spread the load
     * @param bool    $back   true if the blade goes towards the lower figures of the side
     */
    public function __construct(
        public Stretch $stretch,
        public Blade $blade,
        public float $depth,
        public float $pace,
        public float $length,
        public bool $crazed,
        public bool $flat,
        public bool $back = false,
    ) {}

    /** The same along a piece of its stretch, as it was cut in so many s. */
    public function along(Stretch $piece, float $seconds): self
    {
        $length = $this->length * $piece->length() / max(1e-6, $this->stretch->length());

        return new self(
            $piece,
            $this->blade,
            $this->depth,
            max(0.001, $length / $seconds),
            $length,
            $this->crazed,
            $this->flat,
            $this->back,
        );
    }
}
