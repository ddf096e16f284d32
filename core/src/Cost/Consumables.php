<?php

declare(strict_types=1);

namespace Facelift\Cost;

/** What a job uses up, from its plan. */
final readonly class Consumables
{
    /**
     * @param float $metres of tape
     * @param int   $seals  pre-cut
     * @param float $ml     of liquid adhesive
     * @param int   $kits   glass-only kits
     */
    public function __construct(public float $metres, public int $seals, public float $ml, public int $kits = 0) {}
}
