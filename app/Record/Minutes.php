<?php

declare(strict_types=1);

namespace App\Record;

use App\Exceptions\Conflict;
use App\Models\MinuteFigure;
use App\Models\User;
use Facelift\Record\Facet;
use Facelift\Record\Ratios;
use Facelift\Record\Shrunk;
use Illuminate\Support\Facades\DB;

/** How good estimates of time are: by kind of step, by person, and month by month. */
final readonly class Minutes
{
    /** Steps that a kind has to be seen in before plans are made with what they took. */
    private const ENOUGH = 20;

    /**
     * From now on plans are made with what the hands of this shop took; the same id again changes nothing.
     *
     * @return int kinds of step that were taken over
     *
     * @throws Conflict If nothing was seen often enough.
     */
    public function takeOver(string $id, User $by): int
    {
        return DB::connection()->transaction(static function () use ($id, $by): int {
            if (MinuteFigure::query()->where('taken_as', $id)->lockForUpdate()->exists()) {
                return 0;
            }
            $rows = array_filter(self::rows(self::seen()[0]), static fn(array $r): bool => $r['count'] >= self::ENOUGH);
            if ($rows === []) {
                throw Conflict::notReachable('No kind of step was seen often enough yet.');
            }
            MinuteFigure::query()->get()->each->delete();
            foreach ($rows as $row) {
                MinuteFigure::query()->create([
                    'kind' => $row['of'],
                    'times' => $row['times'],
                    'count' => $row['count'],
                    'taken_as' => $id,
                    'taken_by' => $by->id,
                ]);
            }

            return count($rows);
        });
    }

    /** True if more was seen than what is used rests on. */
    public function hasMore(): bool
    {
        $seen = array_filter(self::seen()[0], static fn(Ratios $r): bool => $r->count >= self::ENOUGH);
        $used = MinuteFigure::query()->pluck('count', 'kind');
        foreach ($seen as $kind => $ratios) {
            if (($used[$kind] ?? null) !== $ratios->count) {
                return true;
            }
        }

        return false;
    }

    /** Plans are made with estimates again; once more changes nothing. */
    public function takeBack(): void
    {
        DB::connection()->transaction(static function (): void {
            MinuteFigure::query()->get()->each->delete();
        });
    }

    /**
     * @param bool $people whether it is told of each by name
     *
     * @return array<string, mixed>
     */
    public function of(Period $period, bool $people): array
    {
        [$kinds, $persons, $left, $families] = self::seen();
        $used = MinuteFigure::query()->orderBy('kind')->get();
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
            'families' => self::rows($families),
            'people' => !$people ? [] : array_map(
                static fn(array $r): array => ['of' => Cell::text($names[(int) $r['of']] ?? $r['of'])] + $r,
                self::rows($persons),
            ),
            'inUse' => $used->isEmpty() ? null : [
                'kinds' => $used->count(),
                'steps' => array_sum($used->pluck('count')->all()),
                'since' => $used[0]?->created_at->toIso8601ZuluString(),
            ],
            'months' => $months->map(static fn(object $m): array => [
                'month' => substr(Cell::text($m->month), 0, 7),
                'planned' => round(Cell::int($m->planned) / max(1, Cell::int($m->timed)) / 60, 1),
                'taken' => round(Cell::int($m->taken) / max(1, Cell::int($m->timed)) / 60, 1),
            ])->all(),
        ];
    }

    /**
     * @return array{array<string, Ratios>, array<string, Ratios>, array<string, int>, array<string, Ratios>} by kind,
     *     by person, interrupted by kind, and by kind of phone
     */
    private static function seen(): array
    {
        $kinds = $persons = $left = $families = [];
        foreach (DB::table('minute_sums')->orderBy('kind')->orderBy('user_id')->get() as $row) {
            $ratios = new Ratios(Cell::int($row->count), Cell::int($row->sum), Cell::int($row->squares));
            [$kind, $person, $family] = [
                Cell::text($row->kind), Cell::text($row->user_id), Cell::text($row->family),
            ];
            $families[$family] = ($families[$family] ?? Ratios::none())->with($ratios);
            $kinds[$kind] = ($kinds[$kind] ?? Ratios::none())->with($ratios);
            $persons[$person] = ($persons[$person] ?? Ratios::none())->with($ratios);
            $left[$kind] = ($left[$kind] ?? 0) + Cell::int($row->interrupted);
        }

        return [$kinds, $persons, $left, $families];
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
