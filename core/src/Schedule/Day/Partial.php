<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** A day of which not everything is decided: when each block can begin at the earliest, and by whom. */
final readonly class Partial
{
    /**
     * @param array<int, array<int, int>>      $starts
     * @param array<int, array<int, int|null>> $persons null as long as anybody may
     */
    public function __construct(public array $starts, public array $persons) {}

    public function assigned(int $j, int $k, int $person): self
    {
        $persons = $this->persons;
        $persons[$j][$k] = $person;

        return new self($this->starts, $persons);
    }
}
