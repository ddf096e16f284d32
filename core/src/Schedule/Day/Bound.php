<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/**
 * What no day can be better than. Each phone alone, with nobody else in the way, says when it is ready at the earliest;
 * and all phones together on hands, or on a kind of equipment, as if work could be broken off and shared at will: then
 * what has least left comes first (Schrage 1968, Operations Research 16), and the nth phone is ready no earlier in any
 * day. Both are put together phone by phone in their order.
 */
final readonly class Bound
{
    /** @var array<int, int> s of open time at which each phone is ready at the earliest, by task */
    public array $alone;
    /** @var list<array<int, int>> work of each task, by what it needs */
    private array $needs;
    /** @var list<list<array{int, int, int}>> from, to, how many, by the same */
    private array $capacities;

    public function __construct(private Day $day)
    {
        $alone = [];
        foreach ($day->tasks as $j => $task) {
            $alone[$j] = $this->alone($task);
        }
        $this->alone = $alone;
        [$this->needs, $this->capacities] = $this->shared();
    }

    /**
     * Weighted seconds late that no day is under.
     *
     * @param array<int, int>|null $ready when each phone is ready at the earliest, by task; as if alone if null
     */
    public function late(?array $ready = null): int
    {
        $ready ??= $this->alone;
        $each = 0;
        $weights = [];
        foreach ($this->day->tasks as $j => $task) {
            $each += $task->weight * max(0, $ready[$j] - $task->due);
            $weights[] = $task->weight;
        }
        // A second of weight three is one of all phones, and two more of those that weigh as much.
        $levels = array_values(array_unique($weights));
        sort($levels);
        $together = 0;
        $below = 0;
        foreach ($levels as $level) {
            $tasks = array_keys(array_filter($this->day->tasks, static fn(Task $t): bool => $t->weight >= $level));
            $due = array_map(fn(int $j): int => $this->day->tasks[$j]->due, $tasks);
            sort($due);
            foreach ($this->finishing($tasks, $ready) as $i => $at) {
                $together += ($level - $below) * max(0, $at - $due[$i]);
            }
            $below = $level;
        }

        return max($each, $together);
    }

    /**
     * Sum of finishing times that no day is under.
     *
     * @param array<int, int>|null $ready as in `late`
     */
    public function finished(?array $ready = null): int
    {
        return array_sum($this->finishing(array_keys($this->day->tasks), $ready ?? $this->alone));
    }

    /**
     * When the first, the second … of some phones is ready at the earliest.
     *
     * @param list<int>       $tasks
     * @param array<int, int> $ready
     *
     * @return list<int>
     */
    private function finishing(array $tasks, array $ready): array
    {
        $times = array_map(static fn(int $j): int => $ready[$j], $tasks);
        sort($times);
        foreach ($this->needs as $r => $need) {
            $own = array_intersect_key($need, array_flip($tasks));
            $shared = $this->leastFirst($own, $this->capacities[$r]);
            // Those that need nothing of it are ready whenever they are.
            $shift = \count($times) - \count($shared);
            if ($shift === 0) {
                $times = array_map(static fn(int $a, int $b): int => max($a, $b), $times, $shared);
            }
        }

        return $times;
    }

    private function alone(Task $task): int
    {
        $at = max($task->release, $task->pin ?? 0);
        $board = new Board($this->day);
        foreach ($task->works as $k => $work) {
            $over = null;
            foreach ($work->shapes as $person => $shape) {
                if ($k === 0 && $task->begun !== null && $task->begun !== $person) {
                    continue;
                }
                $begin = $k === 0 && $task->begun !== null ? $at : $board->earliest($shape, $person, $at);
                $mine = $board->over($begin ?? max($at, $this->day->time->horizon()), $shape);
                $over = min($over ?? $mine, $mine);
            }
            $at = $over ?? $at;
        }

        return $at;
    }

    /** @return array{list<array<int, int>>, list<list<array{int, int, int}>>} */
    private function shared(): array
    {
        $hands = $uses = [];
        foreach ($this->day->tasks as $j => $task) {
            $hands[$j] = 0;
            foreach ($task->works as $work) {
                $hands[$j] += min(array_map(static fn($s): int => $s->hold, $work->shapes));
                // Where the day goes over a night a clamp may hold through it: only what goes on under hands counts.
                foreach ($work->shapes[array_key_first($work->shapes)]->uses as $i => $use) {
                    $least = min(array_map(
                        static fn($s): int => $s->uses[$i]->to - $s->uses[$i]->from,
                        $work->shapes,
                    ));
                    $uses[$use->kind][$j] = ($uses[$use->kind][$j] ?? 0) + $least;
                }
            }
        }
        $needs = [$hands];
        $capacities = [$this->present()];
        foreach ($this->day->equipment as $kind => $count) {
            if (isset($uses[$kind]) && \count($uses[$kind]) === \count($hands)) {
                $needs[] = $uses[$kind];
                $capacities[] = [[0, PHP_INT_MAX, $count]];
            }
        }

        return [$needs, $capacities];
    }

    /** @return list<array{int, int, int}> from, to, how many people are there */
    private function present(): array
    {
        $changes = [];
        foreach ($this->day->presence as $i => $presence) {
            foreach ($this->day->tasks as $task) {
                foreach ($task->works as $work) {
                    if (isset($work->shapes[$i]) && $presence->isLonger($work->shapes[$i]->hold)) {
                        // What is longer than any stay is worked on beyond it.
                        return [[0, PHP_INT_MAX, \count($this->day->presence)]];
                    }
                }
            }
            foreach ($presence->spans as [$from, $to]) {
                $changes[$from] = ($changes[$from] ?? 0) + 1;
                $changes[$to] = ($changes[$to] ?? 0) - 1;
            }
        }
        ksort($changes);
        $spans = [];
        $count = 0;
        $times = [...array_keys($changes), PHP_INT_MAX];
        foreach (array_values($changes) as $i => $change) {
            $count += $change;
            $spans[] = [$times[$i], $times[$i + 1], $count];
        }

        return $spans;
    }

    /**
     * Finishing times in order if whatever has least left comes first, and can be broken off.
     *
     * @param array<int, int>                 $need     by task
     * @param list<array{int, int, int}> $capacity
     *
     * @return list<int>
     */
    private function leastFirst(array $need, array $capacity): array
    {
        $coming = [];
        foreach ($need as $j => $seconds) {
            $coming[] = [max($this->day->tasks[$j]->release, $this->day->tasks[$j]->pin ?? 0), $seconds];
        }
        sort($coming);
        $done = $open = [];
        $next = 0;
        foreach ($capacity as [$at, $to, $count]) {
            while ($at < $to && ($open !== [] || isset($coming[$next]))) {
                while (isset($coming[$next]) && $coming[$next][0] <= $at) {
                    $open[] = (float) $coming[$next++][1];
                }
                $until = min($to, $coming[$next][0] ?? $to);
                if ($open === [] || $count === 0) {
                    $at = $until;

                    continue;
                }
                sort($open);
                $over = $at + $open[0] / $count;
                if ($over <= $until) {
                    array_shift($open);
                    $done[] = (int) floor($over + 1e-6);
                    $at = $over;
                } else {
                    $open[0] -= ($until - $at) * $count;
                    $at = $until;
                }
            }
        }

        return [...$done, ...array_fill(0, \count($need) - \count($done), $this->day->time->horizon())];
    }
}
