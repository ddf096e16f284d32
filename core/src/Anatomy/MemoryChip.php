<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The chip of a display that its data lies in, and what is around it: all that heat needs to know. */
final readonly class MemoryChip
{
    /**
     * @param float $width         mm, along the flex
     * @param float $height        mm, across it
     * @param float $thickness     mm, without its balls
     * @param int   $balls         solder balls under it, 4 or more
     * @param float $pitch         mm between two of them
     * @param float $flex          mm of flex and stiffener that it is soldered to
     * @param float $gap           mm between that and the back of the panel; 0 if it is glued to it
     * @param float $beside        mm from its edge to the nearest lit part of the panel
     * @param bool  $carriesNotice true if the notice goes by this chip, so that it stays away once the old one is on
     */
    public function __construct(
        public string $name,
        public float $width,
        public float $height,
        public float $thickness,
        public int $balls,
        public float $pitch,
        public float $flex,
        public float $gap,
        public float $beside,
        public bool $carriesNotice,
    ) {}

    /** Half the width of a round chip of the same area, mm: what a figure around one point is reckoned with. */
    public function radius(): float
    {
        return sqrt($this->width * $this->height / M_PI);
    }
}
