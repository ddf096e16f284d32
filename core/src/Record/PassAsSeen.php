<?php

declare(strict_types=1);

namespace Facelift\Record;

/** One pass of a blade, as it is kept to be learnt from. Temperatures are estimates. */
final readonly class PassAsSeen
{
    /**
     * @param float     $mm      of edge, more than zero
     * @param float     $seconds that it took, without the hands that place the pick; more than zero
     * @param float     $starts  °C of the bond as it began; with alcohol as much hotter as alcohol helps
     * @param float     $ends    °C of the bond as it was through, likewise
     * @param bool|null $dragged null if nothing was said
     */
    public function __construct(
        public float $mm,
        public float $seconds,
        public float $starts,
        public float $ends,
        public ?bool $dragged,
    ) {}
}
