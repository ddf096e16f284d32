<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** A phone as the day is planned with it; times in s of open time. */
final readonly class Task
{
    /**
     * @param int                   $release earliest start
     * @param int                   $due     the end of what is looked ahead if nothing was promised
     * @param int                   $weight  how much a second late counts
     * @param float                 $spread  as `Load` has it
     * @param non-empty-list<Work>  $works
     * @param int|null              $begun   number of the person who has its first block in hand, from its release on
     * @param int|null              $pin     when its first block was asked to begin
     */
    public function __construct(
        public string $id,
        public int $release,
        public int $due,
        public int $weight,
        public float $spread,
        public array $works,
        public ?int $begun,
        public ?int $pin,
    ) {}
}
