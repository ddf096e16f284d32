<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Facelift\Anatomy\Bond;
use Facelift\Bench\BenchPlan;
use Facelift\Bench\BenchState;
use Facelift\Bench\BenchStep;
use Facelift\Bench\Event;
use Facelift\Bench\HeatLog;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Curves;
use Facelift\Heat\Fit;
use Facelift\Heat\Ladder;
use Facelift\Heat\Limits;
use Facelift\Heat\Origin;
use Facelift\Heat\PanelBudget;
use Facelift\Heat\Refit;
use Facelift\Heat\Rung;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Facelift\Heat\SourceReader;

/** The heat of a run as it really went: corrected by what was read, and what follows from here on. */
final readonly class BenchHeat
{
    /** Looked ahead, s. */
    private const AHEAD = 300.0;
    private const EVERY = 4.0;
    /** Followed for this long after the heat was last put on or taken off, s: after that nothing new is to be learnt, and a job may lie for days. */
    private const FOLLOWED = 1800.0;

    public function __construct(private Runs $runs, private PhoneLibrary $phones, private Planning $planning) {}

    /** @return array<string, mixed>|null null before a bond is heated */
    public function of(Job $job, string $bondId, int $now): ?array
    {
        $plan = $this->runs->plan($job);
        $state = $this->runs->state($job);
        $bond = $this->phones->phone($job->phone)->bonds[$bondId] ?? null;
        $log = $bond?->cut === null ? null : HeatLog::of($state, self::heatings($plan, $bondId), $now);
        if ($bond === null || $log === null) {
            return null;
        }
        $curves = Curves::of($this->phones->phone($job->phone), $bond);
        $planned = (new SourceReader())->read($job->heat_source);
        $fit = $this->fit($curves, $log, $planned);
        $source = $fit === null || $fit->used === 0 ? $planned : $planned->withCoefficient($fit->coefficient, Origin::ShopsOwn);
        $last = $log->heats[count($log->heats) - 1];
        $clock = max(0.0, min(($now - $log->from) / 1000, ($log->on ? $last[0] : $last[1]) + self::FOLLOWED));

        return $this->answer($job, $bond, $log, $state, $fit, $curves->run($log->programme($source, $clock + self::AHEAD), self::EVERY), $clock);
    }

    /** ms since 1970 at which to lift off; null if no heat is on, or none reaches it. */
    public function liftAt(Job $job, string $bond, int $now): ?int
    {
        $at = $this->of($job, $bond, $now)['liftAt'] ?? null;

        return is_int($at) ? $at : null;
    }

    private function fit(Curves $curves, HeatLog $log, Source $planned): ?Fit
    {
        $readings = $log->readings;
        if ($readings === []) {
            return null;
        }
        $last = max(array_map(static fn($r): float => $r->second, $readings));

        return (new Refit($curves, static fn(Source $s) => $log->programme($s, $last)))->of($planned, $readings);
    }

    /**
     * @param list<Sample> $samples
     *
     * @return array<string, mixed>
     */
    private function answer(Job $job, Bond $bond, HeatLog $log, BenchState $state, ?Fit $fit, array $samples, float $clock): array
    {
        $foreign = $this->planning->condition($job)->bondIsForeign();
        $window = AdhesiveWindow::of($bond->adhesive, $foreign ? AdhesiveState::Foreign : AdhesiveState::Fresh);
        $past = array_values(array_filter($samples, static fn(Sample $s): bool => $s->second <= $clock));
        $used = PanelBudget::used($past);
        $limits = Limits::of($this->phones->phone($job->phone)->body->frame, $job->old_panel);
        [$lift, $why] = $log->on ? $this->lift($samples, $clock, $window, $limits) : [null, null];
        $tried = self::tried($log, $state);
        [$rung, $because] = (new Ladder())->next($tried, $clock / 60, $used, $job->old_panel === OldPanel::Save);

        return [
            'bond' => $bond->id, 'from' => $log->from, 'on' => $log->on, 'window' => ['low' => $window->low, 'high' => $window->high],
            'samples' => array_map(static fn(Sample $s): array => ['t' => $s->second, 'bond' => round($s->bond, 1), 'panel' => round($s->panel, 1), 'battery' => round($s->battery, 1), 'outer' => round($s->outerFace, 1)], $samples),
            'heats' => array_map(static fn(array $h): array => ['from' => $h[0], 'to' => $h[1]], $log->heats),
            'readings' => array_map(static fn($r): array => ['t' => $r->second, 'probe' => $r->probe->value, 'celsius' => $r->celsius], $log->readings),
            'fit' => $fit === null ? null : ['coefficient' => round($fit->coefficient, 1), 'low' => round($fit->low, 1), 'high' => round($fit->high, 1), 'misfit' => round($fit->misfit, 2), 'implausible' => $fit->implausible, 'used' => $fit->used],
            'liftAt' => $lift === null ? null : $log->from + (int) round(1000 * $lift), 'liftBecause' => $why,
            'gripsAt' => $log->on ? null : $this->grips($samples, $clock, $window, $log->from),
            'panelUsed' => round($used, 3),
            'panelHurt' => $limits->panelHurt($past),
            'ladder' => ['next' => $rung->value, 'because' => $because->toArray(), 'tried' => array_map(static fn(Rung $r): string => $r->value, $tried)],
        ];
    }

    /**
     * @param list<Sample> $samples
     *
     * @return array{float|null, string|null} s from the first heating, and what ends it
     */
    private function lift(array $samples, float $clock, AdhesiveWindow $window, Limits $limits): array
    {
        $target = $window->target();
        foreach ($samples as $s) {
            $ends = match (true) {
                $s->bond >= $target => 'target',
                $s->battery >= $limits->batteryCaution => 'battery',
                $s->panel >= $limits->panel => 'panel',
                $limits->plasticFrame !== null && $s->frame >= $limits->plasticFrame => 'frame',
                default => null,
            };
            if ($ends !== null && $s->second >= $clock - self::EVERY) {
                return [$s->second, $ends];
            }
        }

        return [null, 'time'];
    }

    /** @param list<Sample> $samples */
    private function grips(array $samples, float $clock, AdhesiveWindow $window, int $from): ?int
    {
        foreach ($samples as $s) {
            if ($s->second >= $clock && $s->bond < $window->low) {
                return $from + (int) round(1000 * $s->second);
            }
        }

        return null;
    }

    /** @return list<Rung> what the ladder need not name any more: a heating on record is a rung, a second one the next */
    private static function tried(HeatLog $log, BenchState $state): array
    {
        $rungs = array_map(static fn(Event $e): ?Rung => Rung::tryFrom($e->text('rung')), $state->rungs);
        $heated = array_slice([Rung::Heat, Rung::Longer], 0, count($log->heats));

        return array_values(array_unique([...$heated, ...array_filter($rungs)], SORT_REGULAR));
    }

    /** @return list<string> */
    private static function heatings(BenchPlan $plan, string $bond): array
    {
        $steps = array_filter($plan->steps, static fn(BenchStep $s): bool => $s->heatedBond() === $bond);

        return array_values(array_map(static fn($s): string => $s->id, $steps));
    }
}
