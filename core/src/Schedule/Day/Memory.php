<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Slot;

/** Who was to do what, and in which order, before something came between. */
final readonly class Memory
{
    /** @var array<string, array<int, array{string, int}>> person and place in the day, by phone and blocks to go */
    private array $places;

    /**
     * @param list<Slot>         $slots as they were planned, in order
     * @param array<string, int> $blocks how many there were, by phone: they are counted from the end, as work takes
     *     them away at the beginning
     */
    public function __construct(array $slots, array $blocks)
    {
        $places = [];
        foreach ($slots as $i => $slot) {
            $places[$slot->load][($blocks[$slot->load] ?? 0) - $slot->index] = [$slot->person, $i];
        }
        $this->places = $places;
    }

    /** The order as far as there is one, what is new at the end by when it is due. */
    public function of(Day $day): Order
    {
        $known = $wanted = [];
        foreach ($day->tasks as $j => $task) {
            $count = \count($task->works);
            $last = -1;
            for ($k = 0; $k < $count; ++$k) {
                $place = $this->places[$task->id][$count - $k] ?? null;
                $last = $place[1] ?? ($last < 0 ? PHP_INT_MAX : $last);
                $known[] = [$last, $task->due, $j, $k];
                $person = $place === null ? null : $day->person($place[0]);
                // Whoever is not there is not waited for, nor is anybody for what was asked to begin.
                $free = $person === null || !$day->presence[$person]->isThere() || ($k === 0 && $task->pin !== null);
                if (!$free && isset($task->works[$k]->shapes[$person])) {
                    $wanted[$j][$k] = $person;
                }
            }
        }
        sort($known);

        return new Order(array_map(static fn(array $k): int => $k[2], $known), $wanted);
    }

    /** How many blocks somebody else does now, or before or after another one than was planned. */
    public function moved(Laid $laid): int
    {
        $moved = 0;
        foreach ($laid->order() as $person => $blocks) {
            $id = $laid->day->bench->people[$person]->id;
            $last = -1;
            foreach ($blocks as [$j, $k]) {
                $task = $laid->day->tasks[$j];
                $place = $this->places[$task->id][\count($task->works) - $k] ?? null;
                if ($place === null) {
                    continue;
                }
                $moved += $place[0] !== $id || $place[1] < $last ? 1 : 0;
                $last = max($last, $place[1]);
            }
        }

        return $moved;
    }
}
