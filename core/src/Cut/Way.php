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
     * @param float   $pace   mm/s along the straight edge, more than zero
     * @param float   $length mm of edge, corners along their arc
     * @param bool    $crazed true where the glass is crazed: short strokes
     * @param bool    $flat   true where the tip goes in deeper and flat, to spread the load
     */
    public function __construct(
        public Stretch $stretch,
        public Blade $blade,
        public float $depth,
        public float $pace,
        public float $length,
        public bool $crazed,
        public bool $flat,
    ) {}

    /** The same at a fraction of its pace. */
    public function slower(float $times): self
    {
        return new self(
            $this->stretch,
            $this->blade,
            $this->depth,
            $this->pace / $times,
            $this->length,
            $this->crazed,
            $this->flat,
        );
    }
}
