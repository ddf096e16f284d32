<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Equipment;
use Facelift\Schedule\Held;
use Facelift\Schedule\Wait;

/** Why the work on a phone lies later in a day than it could if it were alone: what is taken until it goes on. */
final readonly class Waiting
{
    /** s that are worth a word (common practice, no source) */
    private const WORTH_SAYING = 300;

    private function __construct(private Laid $laid, private int $task) {}

    /** @return list<Wait> in the order in which they come; none for a phone that is not in the day */
    public static function of(Laid $laid, string $id): array
    {
        foreach ($laid->day->tasks as $j => $task) {
            if ($task->id === $id) {
                return (new self($laid, $j))->waits();
            }
        }

        return [];
    }

    /** @return list<Wait> */
    private function waits(): array
    {
        $waits = [];
        $ready = $this->laid->day->tasks[$this->task]->release;
        foreach ($this->laid->starts[$this->task] as $k => $start) {
            if ($start - $ready >= self::WORTH_SAYING) {
                $until = $this->laid->day->time->begin($start);
                $waits[] = new Wait($this->short($k), $start - $ready, $until);
            }
            $ready = $this->laid->over($this->task, $k);
        }

        return $waits;
    }

    /** What there was none of a moment before a block was begun; null if there were no hands. */
    private function short(int $block): ?Equipment
    {
        $before = $this->laid->starts[$this->task][$block] - 1;
        $shape = $this->laid->day->tasks[$this->task]->works[$block]->shapes[$this->laid->persons[$this->task][$block]];
        foreach ($shape->uses as $use) {
            $count = $this->laid->day->equipment[$use->kind] ?? null;
            if ($count !== null && $this->most($use, $before, $before + $shape->hold + $shape->off) >= $count) {
                return Equipment::from($use->kind);
            }
        }

        return null;
    }

    /** How many of it others hold at once while this would, begun at a moment. */
    private function most(Held $use, int $begun, int $over): int
    {
        $from = $begun + $use->from;
        $to = $use->through ? $over : $begun + $use->to;
        $taken = $this->taken($use->kind);
        $most = 0;
        foreach ([$from, ...array_column($taken, 0)] as $moment) {
            if ($moment >= $from && $moment < $to) {
                $at = array_filter($taken, static fn(array $t): bool => $t[0] <= $moment && $t[1] > $moment);
                $most = max($most, \count($at));
            }
        }

        return $most;
    }

    /** @return list<array{int, int}> when others hold it, s of open time */
    private function taken(string $kind): array
    {
        $taken = $this->laid->day->held[$kind] ?? [];
        foreach ($this->laid->starts as $j => $starts) {
            foreach ($j === $this->task ? [] : $starts as $k => $start) {
                $shape = $this->laid->day->tasks[$j]->works[$k]->shapes[$this->laid->persons[$j][$k]];
                foreach ($shape->uses as $use) {
                    if ($use->kind === $kind) {
                        $to = $use->through ? $this->laid->over($j, $k) : $start + $use->to;
                        $taken[] = [$start + $use->from, $to];
                    }
                }
            }
        }

        return $taken;
    }
}
