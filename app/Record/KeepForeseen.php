<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Bench\SeenReading;
use Illuminate\Support\Facades\DB;

/** Adds what was foreseen, and what came of it, to what was kept before, in whole numbers. */
final readonly class KeepForeseen
{
    /** K of one row of readings */
    public const EACH = 5;
    /** Standard deviations between which nine of ten lie. */
    private const NINETY = 1.6448536269514722;

    /** @param list<array{float, bool}> $passes chance that was foreseen, 0 to 1, and whether it dragged */
    public function passes(array $passes): void
    {
        $rows = [];
        foreach ($passes as [$chance, $dragged]) {
            $tenth = min(9, (int) floor(10 * $chance));
            $row = $rows[$tenth] ?? [$tenth, 0, 0, 0];
            $rows[$tenth] = [
                $tenth,
                $row[1] + 1,
                $row[2] + ($dragged ? 1 : 0),
                $row[3] + (int) round(1_000_000 * $chance),
            ];
        }
        self::add('drag_sums', ['tenth', 'passes', 'dragged', 'chances'], $rows);
    }

    /** @param list<SeenReading> $readings */
    public function readings(array $readings): void
    {
        $rows = [];
        foreach ($readings as $r) {
            $from = self::EACH * (int) floor($r->foreseen / self::EACH);
            $off = (int) round(100 * ($r->celsius - $r->foreseen));
            $row = $rows[$from] ?? [$from, 0, 0, 0, 0];
            $inside = abs($r->celsius - $r->foreseen) <= self::NINETY * $r->off;
            $rows[$from] = [
                $from, $row[1] + 1, $row[2] + $off, $row[3] + $off * $off, $row[4] + ($inside ? 1 : 0),
            ];
        }
        self::add('reading_sums', ['foreseen', 'readings', 'sum', 'squares', 'inside'], $rows);
    }

    /**
     * @param non-empty-list<string> $columns the first is the key
     * @param array<int, list<int>>  $rows    by key
     */
    private static function add(string $table, array $columns, array $rows): void
    {
        // In one order, so that two who keep at once wait for each other and do not meet.
        ksort($rows);
        $more = array_map(static fn(string $c): string => "$c = $c + values($c)", array_slice($columns, 1));
        foreach ($rows as $row) {
            DB::insert(
                "insert into $table (" . implode(', ', $columns) . ') values ('
                . implode(', ', array_fill(0, count($columns), '?')) . ') on duplicate key update '
                . implode(', ', $more),
                $row,
            );
        }
    }
}
