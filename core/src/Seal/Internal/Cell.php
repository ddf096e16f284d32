<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

/**
 * A short stretch of the wall with the depths that are free behind all of it.
 *
 * @internal
 */
final readonly class Cell
{
    /**
     * @param float                $from mm along the wall of its place
     * @param float                $to   mm
     * @param list<array{int, int}> $free tenths of a mm from the wall: from, to; in order, none touching
     */
    public function __construct(public float $from, public float $to, public array $free) {}

    /** mm along the wall */
    public function length(): float
    {
        return $this->to - $this->from;
    }
}
