<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\JobFact;
use Facelift\Record\Facet;
use Facelift\Record\Interval;
use Facelift\Record\Outcome;
use Facelift\Record\Rate;
use Facelift\Record\Survival;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What comes back within some days. Jobs that have been out for long come as sums; only those that came back, and those
 * that have not been out for so long, are looked at one by one: the latter count for as long as they have been out.
 */
final readonly class Comebacks
{
    /** More are not shown: those with the most jobs are. */
    private const MOST = 40;

    /** @return list<Share> by what jobs are told apart by, the most jobs first */
    public function by(Facet $facet, Period $period): array
    {
        $shares = [];
        foreach ($this->outcomes($facet, $period) as $value => [$outcomes, $waits]) {
            $shares[] = self::share((string) $value, $outcomes, $waits, $period->days);
        }
        usort($shares, static fn(Share $a, Share $b): int => $b->seen->tries <=> $a->seen->tries);

        return array_slice($shares, 0, self::MOST);
    }

    /** @return list<array{float, float}> days and the share that has come back by then, for a picture */
    public function curve(Period $period): array
    {
        [$outcomes] = $this->outcomes(Facet::All, $period)[''] ?? [[], 0];
        $steps = Survival::of($outcomes)->steps();

        return array_map(static fn(array $s): array => [$s[0], round(1 - $s[1], 5)], $steps);
    }

    /** @param list<Outcome> $outcomes */
    private static function share(string $value, array $outcomes, int $waits, int $days): Share
    {
        $survival = Survival::of($outcomes);
        $back = $tries = $early = 0;
        foreach ($outcomes as $o) {
            $tries += $o->times;
            $back += $o->failed ? $o->times : 0;
            $early += !$o->failed && $o->days < $days ? $o->times : 0;
        }
        $interval = $survival->interval($days);

        return new Share(
            $value,
            Rate::of($back, $tries),
            1 - $survival->after($days),
            new Interval(1 - $interval->high, 1 - $interval->low),
            $waits,
            Rate::of($back, max($back, $tries - $early)),
        );
    }

    /** @return array<array-key, array{list<Outcome>, int}> by value: how it went, and how many are not over yet */
    private function outcomes(Facet $facet, Period $period): array
    {
        $days = $period->days;
        $since = Carbon::now()->subDays($days);
        $column = $facet === Facet::All ? "''" : $facet->value;
        $all = DB::table('record_sums')
            ->where('facet', $facet->value)
            ->whereBetween('month', $period->months())
            ->groupBy('value')
            ->selectRaw('value, sum(jobs) as jobs')
            ->having('jobs', '>', 0)
            ->pluck('jobs', 'value');
        $back = JobFact::query()
            ->whereBetween('back_days', [0, $days])
            ->whereBetween('closed_at', $period->span())
            ->groupByRaw("$column, back_days")
            ->toBase()
            ->selectRaw("$column as value, back_days as days, count(*) as times")
            ->get();
        $recent = JobFact::query()
            ->where('closed_at', '>', $since)
            ->whereBetween('closed_at', $period->span())
            ->where(static fn($q) => $q->whereNull('back_days')->orWhere('back_days', '>', $days))
            ->groupByRaw("$column, date(closed_at)")
            ->toBase()
            ->selectRaw("$column as value, date(closed_at) as day, count(*) as times")
            ->get();
        $outcomes = [];
        $left = $all->map(static fn(mixed $n): int => is_numeric($n) ? (int) $n : 0)->all();
        $waits = [];
        foreach ($back as $row) {
            [$value, $times] = [Cell::text($row->value), Cell::int($row->times)];
            $outcomes[$value][] = new Outcome(Cell::int($row->days), true, $times);
            $left[$value] = ($left[$value] ?? 0) - $times;
        }
        foreach ($recent as $row) {
            [$value, $times] = [Cell::text($row->value), Cell::int($row->times)];
            $age = Carbon::parse(Cell::text($row->day))->diffInDays(Carbon::now(), true);
            $outcomes[$value][] = new Outcome(min((float) $days, floor($age)), false, $times);
            $left[$value] = ($left[$value] ?? 0) - $times;
            $waits[$value] = ($waits[$value] ?? 0) + $times;
        }
        $found = [];
        foreach ($left as $value => $times) {
            $of = $outcomes[$value] ?? [];
            if ($times > 0) {
                $of[] = new Outcome((float) $days, false, $times);
            }
            $found[$value] = [$of, $waits[$value] ?? 0];
        }

        return $found;
    }
}
