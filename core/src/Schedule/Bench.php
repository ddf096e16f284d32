<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** People and equipment of a shop, and when they are there. */
final readonly class Bench
{
    /**
     * @param non-empty-list<Person> $people
     * @param array<string, int>     $equipment count by `Equipment`; what is not named, or 0, is never short
     */
    public function __construct(public OpeningHours $hours, public array $people, public array $equipment) {}

    /** How many of a kind there are; null if it is never short. */
    public function count(Equipment $kind): ?int
    {
        $count = $this->equipment[$kind->value] ?? 0;

        return $count < 1 ? null : $count;
    }

    /** @param non-empty-list<Person> $people */
    public function with(array $people): self
    {
        return new self($this->hours, $people, $this->equipment);
    }
}
