<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Plan\StepKind;

/** How long the hands of one step took, against what was planned. */
final readonly class StepTime
{
    /**
     * @param float $planned     s, more than zero
     * @param float $taken       s since what was done before it
     * @param bool  $interrupted true if somebody was away, or at something else: such a time says nothing of the step
     * @param string $event      by which it was told; empty if that is not known
     */
    public function __construct(
        public StepKind $kind,
        public float $planned,
        public float $taken,
        public bool $interrupted,
        public string $event = '',
    ) {}
}
