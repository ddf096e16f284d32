<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

/** A schedule of a job shop, and how near it is to the best. */
final readonly class Answer
{
    /**
     * @param list<list<int>> $starts  of each operation, by job
     * @param int             $length  when the last is done
     * @param int             $bound   no schedule is shorter
     */
    public function __construct(public array $starts, public int $length, public int $bound) {}

    public function isOptimal(): bool
    {
        return $this->length <= $this->bound;
    }

    /** Per cent that it may be longer than the best, at most. */
    public function gap(): float
    {
        return $this->bound === 0 ? 0.0 : 100 * ($this->length - $this->bound) / $this->bound;
    }
}
