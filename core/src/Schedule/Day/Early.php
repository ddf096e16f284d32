<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Shape;

/** Everything as early as what is decided lets it be, and what is still to be decided then. */
final readonly class Early
{
    public function __construct(private Day $day) {}

    public function begin(): Partial
    {
        $starts = $persons = [];
        foreach ($this->day->tasks as $j => $task) {
            foreach ($task->works as $k => $work) {
                $starts[$j][$k] = $k === 0 ? max($task->release, $task->pin ?? 0) : 0;
                $one = \count($work->shapes) === 1 ? array_key_first($work->shapes) : null;
                $persons[$j][$k] = $k === 0 ? $task->begun ?? $one : $one;
            }
        }

        return new Partial($starts, $persons);
    }

    /**
     * @param list<Arc> $arcs
     *
     * @return Partial|null null if it cannot be
     */
    public function of(Partial $partial, array $arcs): ?Partial
    {
        $starts = $partial->starts;
        $rounds = $this->day->size() + 2;
        do {
            if (--$rounds < 0) {
                return null;
            }
            $before = $starts;
            $now = new Partial($starts, $partial->persons);
            foreach ($this->day->tasks as $j => $task) {
                foreach (array_keys($task->works) as $k) {
                    $after = $k === 0 ? 0 : $this->over($now, $j, $k - 1);
                    $starts[$j][$k] = $this->fits($now, $j, $k, max($starts[$j][$k], $after));
                    $now = new Partial($starts, $partial->persons);
                    $within = $k === 0 ? null : $task->works[$k - 1]->within;
                    if ($within !== null && !($k === 1 && $task->begun !== null)) {
                        $starts[$j][$k - 1] += max(0, $starts[$j][$k] - $after - $within);
                    }
                }
            }
            foreach ($arcs as $arc) {
                $given = $this->given($now, $arc);
                [$j, $k] = $arc->then;
                $from = $arc->taken === null ? 0 : $this->shape($now, $j, $k)->uses[$arc->taken]->from;
                $starts[$j][$k] = max($starts[$j][$k], $given - $from);
            }
            foreach ($this->day->tasks as $j => $task) {
                if ($task->begun !== null && $starts[$j][0] > $task->release) {
                    return null;
                }
            }
        } while ($starts !== $before);

        return new Partial($starts, $partial->persons);
    }

    /** When a block is over at the earliest, with its time without hands. */
    public function over(Partial $partial, int $j, int $k): int
    {
        $at = $partial->starts[$j][$k];
        $over = null;
        foreach ($this->shapes($partial, $j, $k) as $person => $shape) {
            $begin = $partial->persons[$j][$k] === null
                ? $this->day->presence[$person]->fits($at, $shape->hold) ?? $this->day->time->horizon()
                : $at;
            $mine = $this->day->time->goesOn($begin + $shape->hold, $shape->off);
            $over = min($over ?? $mine, $mine);
        }

        return $over ?? $at;
    }

    /** @return Open|null null if everything is decided */
    public function open(Partial $partial): ?Open
    {
        $blocks = [];
        foreach ($partial->starts as $j => $starts) {
            foreach ($starts as $k => $start) {
                $blocks[] = [$start, $j, $k];
            }
        }
        sort($blocks);
        $hands = $held = [];
        foreach ($this->day->held as $kind => $spans) {
            foreach ($spans as [$from, $to]) {
                $held[$kind][] = [$from, $to, null];
            }
        }
        foreach ($blocks as [$start, $j, $k]) {
            $person = $partial->persons[$j][$k];
            if ($person === null) {
                return new Open([$j, $k], []);
            }
            $shape = $this->shape($partial, $j, $k);
            foreach ($hands[$person] ?? [] as [$to, $at]) {
                if ($to > $start && $shape->hold > 0) {
                    return new Open(null, [new Arc($at, [$j, $k]), new Arc([$j, $k], $at)]);
                }
            }
            if ($shape->hold > 0) {
                $hands[$person][] = [$start + $shape->hold, [$j, $k]];
            }
            foreach ($shape->uses as $u => $use) {
                $to = $use->through ? $this->over($partial, $j, $k) : $start + $use->to;
                $held[$use->kind][] = [$start + $use->from, $to, [$j, $k, $u]];
                $orders = $this->tooMany($use->kind, $held[$use->kind]);
                if ($orders !== []) {
                    return new Open(null, $orders);
                }
            }
        }

        return null;
    }

    /**
     * @param list<array{int, int, array{int, int, int}|null}> $held from, to, by which use
     *
     * @return list<Arc> one of them holds in any day that can be worked; none if there is enough of it
     */
    private function tooMany(string $kind, array $held): array
    {
        $count = $this->day->equipment[$kind] ?? null;
        if ($count === null || \count($held) <= $count) {
            return [];
        }
        foreach ($held as [$at]) {
            $going = array_values(array_filter($held, static fn(array $h): bool => $h[0] <= $at && $h[1] > $at));
            if (\count($going) > $count) {
                return self::orders($going);
            }
        }

        return [];
    }

    /**
     * @param list<array{int, int, array{int, int, int}|null}> $going
     *
     * @return list<Arc>
     */
    private static function orders(array $going): array
    {
        $orders = [];
        foreach ($going as [, $end, $first]) {
            foreach ($going as [, , $then]) {
                if ($then === null || $then === $first) {
                    continue;
                }
                if ($first === null) {
                    // Held from the beginning on: nothing moves that.
                    $orders[] = new Arc([-1, $end], [$then[0], $then[1]], null, $then[2]);
                } else {
                    $orders[] = new Arc(
                        [$first[0], $first[1]],
                        [$then[0], $then[1]],
                        $first[2],
                        $then[2],
                    );
                }
            }
        }

        return $orders;
    }

    private function given(Partial $partial, Arc $arc): int
    {
        [$j, $k] = $arc->first;
        if ($j < 0) {
            return $k;
        }
        $shape = $this->shape($partial, $j, $k);
        $start = $partial->starts[$j][$k];
        if ($arc->given === null) {
            return $start + $shape->hold;
        }
        $use = $shape->uses[$arc->given];

        return $use->through ? $this->over($partial, $j, $k) : $start + $use->to;
    }

    private function fits(Partial $partial, int $j, int $k, int $at): int
    {
        if ($k === 0 && $this->day->tasks[$j]->begun !== null) {
            return $at;
        }
        $first = null;
        foreach ($this->shapes($partial, $j, $k) as $person => $shape) {
            $fits = $this->day->presence[$person]->fits($at, $shape->hold) ?? max($at, $this->day->time->horizon());
            $first = min($first ?? $fits, $fits);
        }

        return $first ?? $at;
    }

    private function shape(Partial $partial, int $j, int $k): Shape
    {
        $shapes = $this->shapes($partial, $j, $k);

        return $shapes[array_key_first($shapes)];
    }

    /** @return non-empty-array<int, Shape> of those who may still have it */
    private function shapes(Partial $partial, int $j, int $k): array
    {
        $all = $this->day->tasks[$j]->works[$k]->shapes;
        $person = $partial->persons[$j][$k];

        return $person === null ? $all : [$person => $all[$person]];
    }
}
