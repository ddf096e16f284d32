<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Facelift\Schedule\Bench;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\OpeningHours;
use Facelift\Schedule\OpenSpan;
use Facelift\Schedule\Person;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Right;
use Facelift\Tests\Dice;

/** Small days by chance, in a shop that never shuts. */
final readonly class MadeDay
{
    /** midnight, so that a whole day lies before it */
    private const NOW = 1_796_083_200_000;

    public static function small(Dice $dice, int $phones): Day
    {
        $bench = new Bench(
            new OpeningHours(new \DateTimeZone('UTC'), array_fill(1, 7, [new OpenSpan(0, 1440)])),
            self::people($dice),
            [Equipment::Plate->value => 1, Equipment::ClampSet->value => $dice->int(1, 2)],
        );
        $loads = [];
        for ($j = 0; $j < $phones; ++$j) {
            $from = $dice->int(0, 12);
            $loads[] = new Load(
                "p$j",
                self::chain($dice),
                self::NOW + 1000 * $from,
                self::NOW + 1000 * ($from + $dice->int(8, 30)),
                0.3,
                $dice->pick([1, 1, 1, 3]),
            );
        }

        return new Day($bench, $loads, self::NOW);
    }

    /** @return non-empty-list<Person> */
    private static function people(Dice $dice): array
    {
        return $dice->chance(40)
            ? [new Person('a', [Right::Uv])]
            : [new Person('a', [Right::Uv]), new Person('b', [], $dice->pick([1.0, 1.0, 0.5]))];
    }

    private static function chain(Dice $dice): Chain
    {
        $all = [];
        if ($dice->chance(70)) {
            $all[] = new Piece(
                'heat',
                $dice->int(1, 2),
                $dice->int(1, 4),
                Equipment::Plate,
                0.0,
            );
        }
        $all[] = new Piece(
            'work',
            $dice->int(2, 8),
            0.0,
            null,
            $dice->chance(30) ? (float) $dice->int(0, 3) : null,
            $dice->chance(20) ? [Right::Uv] : [],
        );
        $all[] = new Piece(
            'close',
            $dice->int(1, 4),
            $dice->int(3, 10),
            Equipment::ClampSet,
            null,
        );
        if ($dice->chance(60)) {
            $all[] = new Piece('test', $dice->int(1, 3));
        }

        return new Chain($all);
    }

    /** The same day as data for `day.mzn`. */
    public static function asData(Day $day): string
    {
        $people = \count($day->presence);
        $kinds = array_keys($day->equipment);
        $rows = ['release' => [], 'before' => [], 'within' => [], 'off' => [], 'due' => [], 'weight' => []];
        $hold = $of = $kind = $from = $to = [];
        $b = 0;
        foreach ($day->tasks as $task) {
            foreach ($task->works as $k => $work) {
                ++$b;
                $any = $work->shapes[array_key_first($work->shapes)];
                $rows['release'][] = $k === 0 ? $task->release : 0;
                $rows['before'][] = $k === 0 ? 0 : $b - 1;
                $rows['within'][] = $k === 0 ? -1 : $task->works[$k - 1]->within ?? -1;
                $rows['off'][] = $any->off;
                $rows['due'][] = $k === \count($task->works) - 1 ? $task->due : -1;
                $rows['weight'][] = $task->weight;
                for ($p = 0; $p < $people; ++$p) {
                    $hold[] = isset($work->shapes[$p]) ? $work->shapes[$p]->hold : -1;
                }
                foreach ($any->uses as $u => $use) {
                    $of[] = $b;
                    $kind[] = 1 + (int) array_search($use->kind, $kinds, true);
                    for ($p = 0; $p < $people; ++$p) {
                        $shape = $work->shapes[$p] ?? $any;
                        $from[] = $shape->uses[$u]->from;
                        $to[] = $shape->uses[$u]->to + ($use->through ? $shape->off : 0);
                    }
                }
            }
        }
        $text = "blocks = $b; people = $people; uses = " . \count($of) . '; kinds = ' . \count($kinds) . ";\n"
            . 'horizon = ' . self::horizon($day) . ";\n"
            . 'count = ' . self::list(array_values($day->equipment)) . ";\n"
            . 'hold = array2d(B, P, ' . self::list($hold) . ");\n"
            . 'user = ' . self::list($of) . '; kind = ' . self::list($kind) . ";\n"
            . 'from = array2d(U, P, ' . self::list($from) . '); to = array2d(U, P, ' . self::list($to) . ");\n";
        foreach ($rows as $name => $row) {
            $text .= "$name = " . self::list($row) . ";\n";
        }

        return $text;
    }

    /** s in which all is done even if nothing is done beside anything else */
    private static function horizon(Day $day): int
    {
        $all = 0;
        foreach ($day->tasks as $task) {
            $all += $task->release;
            foreach ($task->works as $work) {
                $all += max(array_map(static fn($s): int => $s->hold + $s->off, $work->shapes));
            }
        }

        return $all;
    }

    /** @param list<int> $all */
    private static function list(array $all): string
    {
        return '[' . implode(', ', $all) . ']';
    }
}
