<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A span of one heating, cutting or resting within an opening, in seconds from its start. */
final readonly class HeatPhase
{
    public function __construct(public PhaseKind $kind, public float $from, public float $to) {}
}
