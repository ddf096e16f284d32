<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Shape;

/** Who and what is taken when, while a day is laid out. */
final class Board
{
    /** @var array<int, list<array{int, int}>> by number of the person, in order */
    private array $hands;
    /** @var array<string, list<array{int, int}>> by equipment, in order of their beginnings */
    private array $held;

    public function __construct(private readonly Day $day)
    {
        $this->hands = array_fill(0, \count($day->presence), []);
        $this->held = $day->held;
    }

    /** The first moment at which a block can begin; null if there is none that is looked ahead to. */
    public function earliest(Shape $shape, int $person, int $at): ?int
    {
        do {
            $before = $at;
            $fits = $this->day->presence[$person]->fits($at, $shape->hold);
            if ($fits === null) {
                return null;
            }
            $at = $this->hands($person, $fits, $shape->hold);
            foreach ($shape->uses as $use) {
                $to = $use->through ? $this->over($at, $shape) : $at + $use->to;
                $at = $this->unit($use->kind, $at + $use->from, $to) - $use->from;
            }
        } while ($at !== $before);

        return $at;
    }

    /** When a block that begins at a moment is over. */
    public function over(int $at, Shape $shape): int
    {
        return $this->day->time->goesOn($at + $shape->hold, $shape->off);
    }

    public function take(Shape $shape, int $person, int $at): void
    {
        if ($shape->hold > 0) {
            self::insert($this->hands[$person], $at, $at + $shape->hold);
        }
        foreach ($shape->uses as $use) {
            $kind = $this->held[$use->kind] ?? [];
            self::insert($kind, $at + $use->from, $use->through ? $this->over($at, $shape) : $at + $use->to);
            $this->held[$use->kind] = $kind;
        }
    }

    private function hands(int $person, int $at, int $seconds): int
    {
        foreach ($this->hands[$person] as [$from, $to]) {
            if ($to <= $at) {
                continue;
            }
            if ($from >= $at + max(1, $seconds)) {
                break;
            }
            $at = $to;
        }

        return $at;
    }

    /** From when on a unit is free for as long as from one moment to another. */
    private function unit(string $kind, int $from, int $to): int
    {
        $count = $this->day->equipment[$kind] ?? null;
        if ($count === null || $from >= $to) {
            return $from;
        }
        $going = [];
        foreach ($this->held[$kind] ?? [] as [$a, $b]) {
            if ($a < $to && $b > $from) {
                $going[] = [$a, $b];
            }
        }
        if (\count($going) < $count) {
            return $from;
        }
        // As many as there are at the same moment: the first of those that are given back lets it in.
        foreach ($going as [$a]) {
            $at = max($a, $from);
            $ends = [];
            foreach ($going as [$c, $d]) {
                if ($c <= $at && $d > $at) {
                    $ends[] = $d;
                }
            }
            if (\count($ends) >= $count) {
                sort($ends);

                return $ends[\count($ends) - $count];
            }
        }

        return $from;
    }

    /** @param list<array{int, int}> $spans */
    private static function insert(array &$spans, int $from, int $to): void
    {
        $at = \count($spans);
        while ($at > 0 && $spans[$at - 1][0] > $from) {
            --$at;
        }
        array_splice($spans, $at, 0, [[$from, $to]]);
    }
}
