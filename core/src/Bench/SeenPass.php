<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;

/** A pass as it really went: what a window and a pace can be learnt from. Temperatures are estimates. */
final readonly class SeenPass
{
    /**
     * @param string    $bond    its id in the phone file
     * @param float     $mm      of edge, corners along their arc
     * @param float     $seconds hands included that place the pick
     * @param float     $starts  °C of the bond as it began
     * @param float     $ends    °C of the bond as it was through
     * @param float     $off     K by which its temperatures may be off: one standard deviation
     * @param float     $inside  K above the lower end of the window that was planned with, as it was through; negative
     *     below it
     * @param float     $unsure  K by which that window may lie off: one standard deviation
     * @param Felt|null $felt    null if nothing was said
     * @param bool      $held    true if the source went on meanwhile
     * @param bool      $wet     true with alcohol beside the blade
     */
    public function __construct(
        public string $bond,
        public string $step,
        public float $mm,
        public float $seconds,
        public float $starts,
        public float $ends,
        public float $off,
        public float $inside,
        public float $unsure,
        public ?Felt $felt,
        public bool $held,
        public bool $wet,
        public AdhesiveKind $adhesive,
        public AdhesiveState $state,
    ) {}
}
