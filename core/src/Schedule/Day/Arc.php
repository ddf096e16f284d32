<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** One block gives back hands, or equipment, before another takes them. */
final readonly class Arc
{
    /**
     * @param array{int, int} $first task and block
     * @param array{int, int} $then  task and block
     * @param int|null        $given which use of the first; null for its hands
     * @param int|null        $taken which use of the other; null for its hands
     */
    public function __construct(
        public array $first,
        public array $then,
        public ?int $given = null,
        public ?int $taken = null,
    ) {}
}
