<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A pass of the blade along a stretch of the edge. */
final readonly class Pass extends Move
{
    /**
     * @param float|null $chance 0 to 1 that it is through in time; null where nothing grips: the bond is torn, or it
     *     was planned before chances were reckoned
     * @param float|null $keptAt °C at which the source keeps the bond meanwhile; null if it is taken away
     * @param bool       $next   true if it begins a stretch that the source has gone ahead to
     */
    public function __construct(
        public Way $way,
        float $seconds,
        AtEnd $end,
        public ?float $chance = null,
        public ?float $keptAt = null,
        public bool $next = false,
    ) {
        parent::__construct($seconds, $end);
    }
}
