<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** Which move of which opening a step is. */
final readonly class MoveOf
{
    /** @param int $index in the opening's moves, from zero */
    public function __construct(public string $bond, public int $index) {}
}
