<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

/**
 * A track along the wall for one width of tape. Counted in tenths of a mm, so that equal tracks are equal.
 *
 * @internal
 */
final readonly class Lane
{
    /**
     * @param int $start tenths of a mm from the wall
     * @param int $width tenths of a mm, more than zero
     */
    public function __construct(public int $start, public int $width) {}

    /** mm from the wall */
    public function outer(): float
    {
        return $this->start / 10;
    }

    /** mm from the wall */
    public function inner(): float
    {
        return ($this->start + $this->width) / 10;
    }

    /** mm */
    public function wide(): float
    {
        return $this->width / 10;
    }

    /** The same for equal lanes, and for no others. */
    public function track(): int
    {
        return $this->start * 1000 + $this->width;
    }
}
