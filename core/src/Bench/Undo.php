<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** One thing that has to come off again on the way back to a place. */
final readonly class Undo
{
    /** @param float $seconds to take it off and to put it back, hands and clock */
    public function __construct(public string $id, public string $name, public float $seconds) {}
}
