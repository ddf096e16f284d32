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
            $learnt = self::learnt();
            if ($learnt === []) {
                throw Conflict::notReachable('No kind of step was seen often enough yet. Plans stay as they were.');
            }
            MinuteFigure::query()->get()->each->delete();
            foreach ($learnt as $row) {
                MinuteFigure::query()->create($row + ['taken_as' => $id, 'taken_by' => $by->id]);
            }

            return count($learnt);
        });
    }

    /** True if more was seen than what is used rests on. */
    public function hasMore(): bool
    {
        $used = MinuteFigure::query()->where('family', '')->pluck('count', 'kind');
        foreach (self::seen()->kinds as $kind => $ratios) {
            if ($ratios->count >= self::ENOUGH && ($used[$kind] ?? null) !== $ratios->count) {
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
        $seen = self::seen();
        $used = MinuteFigure::query()->orderBy('kind')->orderBy('family')->get();
        $ofAny = $used->where('family', '');
        $months = DB::table('record_sums')
            ->where('facet', Facet::All->value)
            ->whereBetween('month', $period->months())
            ->where('timed', '>', 0)
            ->orderBy('month')
            ->get(['month', 'planned', 'taken', 'timed']);
        $names = User::query()->whereIn('id', array_keys($seen->people))->pluck('name', 'id');

        return [
            'from' => $period->from->format('Y-m'),
            'to' => $period->to->format('Y-m'),
            'kinds' => array_map(
                static fn(array $r): array => $r + ['interrupted' => $seen->interrupted[$r['of']] ?? 0],
                self::rows($seen->kinds),
            ),
            'families' => self::rows($seen->families),
            'people' => !$people ? [] : array_map(
                static fn(array $r): array => ['of' => Cell::text($names[(int) $r['of']] ?? $r['of'])] + $r,
                self::rows($seen->people),
            ),
            'inUse' => $used->isEmpty() ? null : [
                'kinds' => $ofAny->count(),
                'families' => $used->where('family', '!=', '')->unique('family')->count(),
                'steps' => array_sum($ofAny->pluck('count')->all()),
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
     * For each kind of step that was seen often enough how long it takes with phones of any kind, and with those of
     * one kind that it was seen often enough with: believed to lie the nearer to all of them the less it was seen.
     *
     * @return list<array{kind: string, family: string, times: float, count: int}>
     */
    private static function learnt(): array
    {
        $learnt = [];
        $seen = self::seen();
        foreach (self::rows($seen->kinds) as $row) {
            if ($row['count'] < self::ENOUGH) {
                continue;
            }
            $kind = $row['of'];
            $learnt[] = ['kind' => $kind, 'family' => '', 'times' => $row['times'], 'count' => $row['count']];
            $families = $seen->byFamily[$kind] ?? [];
            foreach (count($families) > 1 ? self::rows($families) : [] as $of) {
                if ($of['count'] >= self::ENOUGH) {
                    $learnt[] = [
                        'kind' => $kind, 'family' => $of['of'], 'times' => $of['times'], 'count' => $of['count'],
                    ];
                }
            }
        }

        return $learnt;
    }

    private static function seen(): SeenMinutes
    {
        return SeenMinutes::of(DB::table('minute_sums')->orderBy('kind')->orderBy('user_id')->get());
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
