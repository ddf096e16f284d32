<?php

declare(strict_types=1);

namespace Facelift\Record;

/** A rate with its uncertainty, each 0 to 1. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high) {}

    public function holds(float $rate): bool
    {
        return $rate >= $this->low && $rate <= $this->high;
    }
}
