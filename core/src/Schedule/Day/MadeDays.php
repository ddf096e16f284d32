<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The same day again and again, everything done by the same hands in the same order, but with more or less work than
 * planned: how sure is it that a phone is ready by then?
 */
final readonly class MadeDays
{
    public const DAYS = 100;
    /** The same question gets the same answer. */
    private const SEED = 20260101;

    /** @param array<string, list<int>> $ready s of open time, in order, by phone */
    private function __construct(private array $ready) {}

    /** @param string|null $only what happens after this phone is ready is left out */
    public static function of(Laid $laid, ?string $only = null): self
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $sequence = self::until($laid, $only);
        $ready = [];
        for ($i = 0; $i < self::DAYS; ++$i) {
            $slower = [];
            foreach ($laid->day->tasks as $j => $task) {
                $slower[$j] = exp($task->spread * self::normal($random));
            }
            foreach (self::worked($laid, $sequence, $slower) as $j => $at) {
                $ready[$laid->day->tasks[$j]->id][] = $at;
            }
        }
        foreach ($ready as &$times) {
            sort($times);
        }

        return new self($ready);
    }

    /** @param float $share of days, more than 0, 1 at most */
    public function by(string $phone, float $share): int
    {
        return $this->ready[$phone][max(0, (int) ceil($share * self::DAYS) - 1)];
    }

    /** Share of days in which a phone is ready by a moment, s of open time. */
    public function holds(string $phone, int $due): float
    {
        $held = \count(array_filter($this->ready[$phone], static fn(int $at): bool => $at <= $due));

        return $held / self::DAYS;
    }

    /**
     * One day in which hands take so many times as long as planned.
     *
     * @param list<array{int, int}> $sequence task and block in the order in which they are begun
     * @param array<int, float>     $slower   by task
     *
     * @return array<int, int> s of open time at which each is ready, by task
     */
    public static function worked(Laid $laid, array $sequence, array $slower): array
    {
        $day = $laid->day;
        $hands = array_fill(0, \count($day->presence), 0);
        $units = self::units($day);
        $ready = [];
        foreach ($sequence as [$j, $k]) {
            $task = $day->tasks[$j];
            $person = $laid->persons[$j][$k];
            $shape = $task->works[$k]->block->shape($slower[$j] / max(0.25, $day->bench->people[$person]->pace));
            $at = max($ready[$j] ?? max($task->release, $task->pin ?? 0), $hands[$person]);
            foreach ($shape->uses as $use) {
                $at = max($at, ($units[$use->kind][0] ?? 0) - $use->from);
            }
            if ($k > 0 || $task->begun === null) {
                $at = $day->presence[$person]->fits($at, $shape->hold) ?? $day->time->horizon();
            }
            $hands[$person] = $at + $shape->hold;
            $ready[$j] = $day->time->goesOn($at + $shape->hold, $shape->off);
            foreach ($shape->uses as $use) {
                if (isset($units[$use->kind])) {
                    // What has been free for longest is taken.
                    $units[$use->kind][0] = $use->through ? $ready[$j] : $at + $use->to;
                    sort($units[$use->kind]);
                }
            }
        }

        return $ready;
    }

    /** @return array<string, list<int>> when each unit is free, in order, by equipment */
    private static function units(Day $day): array
    {
        $units = [];
        foreach ($day->equipment as $kind => $count) {
            $free = array_pad(array_column($day->held[$kind] ?? [], 1), $count, 0);
            sort($free);
            // More may be held than there are: somebody has brought one.
            $units[$kind] = \array_slice($free, \count($free) - $count);
        }

        return $units;
    }

    /** @return list<array{int, int}> task and block */
    private static function until(Laid $laid, ?string $only): array
    {
        $sequence = $laid->sequence();
        $last = \count($sequence);
        foreach ($sequence as $i => [$j]) {
            if ($laid->day->tasks[$j]->id === $only) {
                $last = $i + 1;
            }
        }

        return \array_slice($sequence, 0, $last);
    }

    /** Standard normal, after Box and Muller (1958). */
    private static function normal(Randomizer $random): float
    {
        $u = 1.0 - $random->getInt(0, (1 << 30) - 1) / (1 << 30);

        return sqrt(-2 * log($u)) * cos(2 * M_PI * $random->getInt(0, (1 << 30) - 1) / (1 << 30));
    }
}
