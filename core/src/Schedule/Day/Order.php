<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** In which order blocks are laid out, and what is asked for beside that. */
final readonly class Order
{
    /**
     * @param list<int>                   $sequence numbers of tasks; the nth time one is named its nth block is meant
     * @param array<int, array<int, int>> $persons  who is to do a block, by task and block
     * @param array<int, array<int, int>> $notBefore when a block begins at the earliest, s of open time, by the same:
     *     sometimes it is good to wait
     */
    public function __construct(public array $sequence, public array $persons = [], public array $notBefore = []) {}

    /** @param list<int> $sequence */
    public function in(array $sequence): self
    {
        return new self($sequence, $this->persons, $this->notBefore);
    }

    /** @param int|null $person null if anybody may */
    public function by(int $task, int $block, ?int $person): self
    {
        $persons = $this->persons;
        unset($persons[$task][$block]);
        if ($person !== null) {
            $persons[$task][$block] = $person;
        }

        return new self($this->sequence, $persons, $this->notBefore);
    }

    /** @param int|null $at null if as early as it can be */
    public function notBefore(int $task, int $block, ?int $at): self
    {
        $low = $this->notBefore;
        unset($low[$task][$block]);
        if ($at !== null) {
            $low[$task][$block] = $at;
        }

        return new self($this->sequence, $this->persons, $low);
    }
}
