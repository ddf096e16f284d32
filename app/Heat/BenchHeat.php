<?php

declare(strict_types=1);

namespace App\Heat;

use App\Models\Job;
use Facelift\Bench\Event;
use Facelift\Bench\HeatBefore;
use Facelift\Bench\HeatLog;
use Facelift\Bench\Run;
use Facelift\Fit\OldPanel;
use Facelift\Heat\ContactFit;
use Facelift\Heat\Curves;
use Facelift\Heat\FollowedHeating;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Ladder;
use Facelift\Heat\Origin;
use Facelift\Heat\Refit;
use Facelift\Heat\Rung;
use Facelift\Heat\Source;
use Illuminate\Support\Facades\Cache;

/** The heat of a run as it really went: corrected by what was read, and what follows from here on. */
final readonly class BenchHeat
{
    /** A fit is kept for a day: by then nobody looks at the heating any more. */
    private const KEPT = 86_400;

    /** @return array<string, mixed>|null null before a bond is heated */
    public function of(Job $job, Run $run, string $bond, int $now): ?array
    {
        $record = HeatLog::of($run, $bond, $now);
        if ($record === null) {
            return null;
        }
        $fit = $this->fit($job, $run, $bond, $record);
        $followed = $this->followed(
            $run,
            $bond,
            $record,
            $fit,
            $now,
        );
        $tried = self::tried($record, $run);
        $save = $run->plan->basis->old === OldPanel::Save;
        [$rung, $because] = (new Ladder())->next($tried, $followed->worked() / 60, $followed->panelUsed(), $save);

        return HeatAnswer::of($run->plan->basis->phone->bonds[$bond], $followed, $fit) + [
            'ladder' => [
                'next' => $rung->value,
                'because' => $because->toArray(),
                'tried' => array_map(static fn(Rung $r): string => $r->value, $tried),
            ],
        ];
    }

    /** ms since 1970 at which to lift off; null if no heat is on, or none reaches it. */
    public function liftAt(Job $job, Run $run, string $bond, int $now): ?int
    {
        $record = HeatLog::of($run, $bond, $now);
        $lift = $record === null
                ? null
                : $this->followed(
                    $run,
                    $bond,
                    $record,
                    $this->fit($job, $run, $bond, $record),
                    $now,
                )->lift();

        return $record === null || $lift === null ? null : $record->from + (int) round(1000 * $lift[0]);
    }

    /** The source of a bond as it was planned, or as readings have corrected it. */
    public function source(Job $job, Run $run, string $bond, int $now): Source
    {
        $record = isset($run->plan->sealing->openings[$bond]) ? HeatLog::of($run, $bond, $now) : null;

        return self::corrected($run, $record === null ? null : $this->fit($job, $run, $bond, $record));
    }

    /** What readings say of the plan's source at a bond; null if none do. */
    public function fitted(Job $job, Run $run, string $bond, int $now): ?ContactFit
    {
        $record = isset($run->plan->sealing->openings[$bond]) ? HeatLog::of($run, $bond, $now) : null;
        $fit = $record === null ? null : $this->fit($job, $run, $bond, $record);

        return $fit === null || $fit->used === 0 ? null : $fit;
    }

    private static function corrected(Run $run, ?ContactFit $fit): Source
    {
        $planned = $run->plan->basis->source;

        return $fit === null || $fit->used === 0
            ? $planned
            : $planned->withCoefficient($fit->coefficient, Origin::ShopsOwn);
    }

    private function followed(
        Run $run,
        string $bond,
        HeatRecord $record,
        ?ContactFit $fit,
        int $now,
    ): FollowedHeating {
        $opening = $run->plan->sealing->openings[$bond];

        return FollowedHeating::of(
            $record,
            self::curves($run, $bond, $record->from),
            self::corrected($run, $fit),
            $opening->window,
            $opening->limits,
            $now,
        );
    }

    /** Fitted once for the readings that there are: a page that looks every second costs nothing new. */
    private function fit(Job $job, Run $run, string $bond, HeatRecord $record): ?ContactFit
    {
        $readings = $record->readingsOfSource();
        if ($readings === []) {
            return null;
        }
        $events = $run->readings();
        $key = implode('/', [
            'fit',
            $job->id,
            $bond,
            count($events),
            $events[count($events) - 1]->id,
            md5(serialize([$record->heats[0], HeatBefore::of($run, $bond, $record->from)])),
        ]);
        $kept = Cache::get($key);
        if ($kept instanceof ContactFit) {
            return $kept;
        }
        $last = max(array_map(static fn($r): float => $r->second, $readings));
        $fit = (new Refit(
            self::curves($run, $bond, $record->from),
            static fn(Source $s) => $record->programme($s, $last),
        ))->of($run->plan->basis->source, $readings);
        Cache::put($key, $fit, self::KEPT);

        return $fit;
    }

    /** Of the phone as it came to this bond, warm from those before it. */
    private static function curves(Run $run, string $bond, int $from): Curves
    {
        $phone = $run->plan->basis->phone;

        return Curves::after(HeatBefore::of($run, $bond, $from), $phone, $phone->bonds[$bond]);
    }

    /**
     * @return list<Rung> what the ladder need not name any more: a heating on record is a rung, a second one the next
     */
    private static function tried(HeatRecord $record, Run $run): array
    {
        $rungs = array_map(static fn(Event $e): ?Rung => Rung::tryFrom($e->text('rung')), $run->state->happened->rungs);
        $heated = array_slice([Rung::Heat, Rung::Longer], 0, count($record->heats));

        return array_values(array_unique([...$heated, ...array_filter($rungs)], SORT_REGULAR));
    }
}
