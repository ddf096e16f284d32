<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\User;
use Facelift\Record\Facet;
use Facelift\Record\Ratios;
use Facelift\Record\Shrunk;
use Illuminate\Support\Facades\DB;

/** How good estimates of time are: by kind of step, by person, and month by month. */
final readonly class Minutes
{
    /**
     * @param bool $people whether it is told of each by name
     *
     * @return array<string, mixed>
     */
    public function of(Period $period, bool $people): array
    {
        $kinds = $persons = $left = [];
        foreach (DB::table('minute_sums')->orderBy('kind')->orderBy('user_id')->get() as $row) {
            $ratios = new Ratios(Cell::int($row->count), Cell::int($row->sum), Cell::int($row->squares));
            [$kind, $person] = [Cell::text($row->kind), Cell::text($row->user_id)];
            $kinds[$kind] = ($kinds[$kind] ?? Ratios::none())->with($ratios);
            $persons[$person] = ($persons[$person] ?? Ratios::none())->with($ratios);
            $left[$kind] = ($left[$kind] ?? 0) + Cell::int($row->interrupted);
        }
        $months = DB::table('record_sums')
            ->where('facet', Facet::All->value)
            ->whereBetween('month', $period->months())
            ->where('timed', '>', 0)
            ->orderBy('month')
            ->get(['month', 'planned', 'taken', 'timed']);
        $names = User::query()->whereIn('id', array_keys($persons))->pluck('name', 'id');

        return [
            'from' => $period->from->format('Y-m'),
            'to' => $period->to->format('Y-m'),
            'kinds' => array_map(
                static fn(array $r): array => $r + ['interrupted' => $left[$r['of']] ?? 0],
                self::rows($kinds),
            ),
            'people' => !$people ? [] : array_map(
                static fn(array $r): array => ['of' => Cell::text($names[(int) $r['of']] ?? $r['of'])] + $r,
                self::rows($persons),
            ),
            'months' => $months->map(static fn(object $m): array => [
                'month' => substr(Cell::text($m->month), 0, 7),
                'planned' => round(Cell::int($m->planned) / max(1, Cell::int($m->timed)) / 60, 1),
                'taken' => round(Cell::int($m->taken) / max(1, Cell::int($m->timed)) / 60, 1),
            ])->all(),
        ];
    }

    /**
     * @param array<array-key, Ratios> $groups
     *
     * @return list<array{of: string, count: int, times: float, low: float, high: float}>
     */
    private static function rows(array $groups): array
    {
        $named = [];
        foreach ($groups as $name => $ratios) {
            $named["=$name"] = $ratios;
        }
        $shrunk = Shrunk::of($named);
        $rows = [];
        foreach ($groups as $name => $ratios) {
            $band = $shrunk->band("=$name");
            $rows[] = [
                'of' => (string) $name,
                'count' => $ratios->count,
                'times' => round($shrunk->times("=$name"), 3),
                'low' => round($band->low, 3),
                'high' => round($band->high, 3),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $b['count'] <=> $a['count']);

        return $rows;
    }
}
