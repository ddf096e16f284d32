<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Slot;

/** A day laid out: when which block is begun, and by whom; by numbers of tasks and persons. */
final readonly class Laid
{
    /**
     * @param array<int, list<int>> $starts  s of open time, by task
     * @param array<int, list<int>> $persons by task
     */
    public function __construct(public Day $day, public array $starts, public array $persons) {}

    /** When a block is over, with its time without hands. */
    public function over(int $task, int $block): int
    {
        $shape = $this->day->tasks[$task]->works[$block]->shapes[$this->persons[$task][$block]];

        return $this->day->time->goesOn($this->starts[$task][$block] + $shape->hold, $shape->off);
    }

    /** When the hands leave a block. */
    public function left(int $task, int $block): int
    {
        $shape = $this->day->tasks[$task]->works[$block]->shapes[$this->persons[$task][$block]];

        return $this->starts[$task][$block] + $shape->hold;
    }

    /** @return array<string, int> how many blocks each phone has */
    public function blocks(): array
    {
        $blocks = [];
        foreach ($this->day->tasks as $task) {
            $blocks[$task->id] = \count($task->works);
        }

        return $blocks;
    }

    /** @return array<string, int> s of open time at which each phone is ready */
    public function ready(): array
    {
        $ready = [];
        foreach ($this->day->tasks as $j => $task) {
            $ready[$task->id] = $this->over($j, \count($task->works) - 1);
        }

        return $ready;
    }

    /** @param Memory|null $before the order that is to be kept where it can be */
    public function value(?Memory $before = null): Value
    {
        $late = $finished = 0;
        foreach ($this->day->tasks as $j => $task) {
            $over = $this->over($j, \count($task->works) - 1);
            $late += $task->weight * max(0, $over - $task->due);
            $finished += $over;
        }
        $changes = 0;
        foreach ($this->order() as $blocks) {
            foreach ($blocks as $i => [$j]) {
                $changes += $i > 0 && $blocks[$i - 1][0] !== $j ? 1 : 0;
            }
        }

        return new Value(
            $late,
            $before === null ? 0 : $before->moved($this),
            $finished,
            $changes,
        );
    }

    /**
     * What everybody does, in order.
     *
     * @return array<int, list<array{int, int}>> task and block, by person
     */
    public function order(): array
    {
        $order = [];
        foreach ($this->sequence() as [$j, $k]) {
            $order[$this->persons[$j][$k]][] = [$j, $k];
        }

        return $order;
    }

    /** @return list<array{int, int}> task and block, in the order in which they are begun */
    public function sequence(): array
    {
        $sequence = [];
        foreach ($this->starts as $j => $starts) {
            foreach ($starts as $k => $start) {
                $sequence[] = [$start, $j, $k];
            }
        }
        sort($sequence);

        return array_map(static fn(array $s): array => [$s[1], $s[2]], $sequence);
    }

    /** @return list<Slot> in the order in which they are begun */
    public function slots(): array
    {
        return array_map(function (array $at): Slot {
            [$j, $k] = $at;
            $task = $this->day->tasks[$j];
            $from = $this->starts[$j][$k];
            $person = $this->persons[$j][$k];

            return new Slot(
                $task->id,
                $k,
                $this->day->bench->people[$person]->id,
                $from,
                $from + $task->works[$k]->shapes[$person]->hold,
                $this->over($j, $k),
            );
        }, $this->sequence());
    }
}
