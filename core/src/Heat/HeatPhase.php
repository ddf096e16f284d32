<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A span of one heating or cutting stretch within an opening, in seconds from its start. */
final readonly class HeatPhase
{
    /** @param string $kind `heat`, `cut` or `rest` */
    public function __construct(public string $kind, public float $from, public float $to) {}
}
