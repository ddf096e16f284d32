<?php

declare(strict_types=1);

namespace Facelift\Bench\Internal;

use Facelift\Bench\Event;
use Facelift\Bench\HeatBefore;
use Facelift\Bench\HeatLog;
use Facelift\Bench\Refusal;
use Facelift\Bench\Run;
use Facelift\Bench\Waited;
use Facelift\Heat\Curves;
use Facelift\Heat\Sample;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * What is asked once before it is taken for meant: a wait that ended clearly early, a blade in a bond that grips, a
 * battery above its limit.
 *
 * @internal
 */
final readonly class Challenges
{
    /** Estimates are not better than this, K: nobody is asked for less. */
    private const SLACK = 3.0;

    public function __construct(private Run $run) {}

    /** @return Refusal|null null if there is nothing to ask, or it has been said why */
    public function to(Step $step, Event $event): ?Refusal
    {
        if ($event->why() !== '') {
            return null;
        }

        return match (true) {
            $step->kind() === StepKind::LaySeal && $event->saysNotRenewed() => Refusal::unlessSaidWhy(
                'seal-not-renewed',
                ['name' => (string) ($step->act->figures['name'] ?? '')],
            ),
            $step->waits() && $step->kind()->mustRun() => $this->early($step, $event),
            $step->kind() === StepKind::FirstGap, $step->kind() === StepKind::CutPass => $this->cut($step, $event),
            default => null,
        };
    }

    private function early(Step $step, Event $event): ?Refusal
    {
        $started = $this->run->state->timers[$step->id] ?? null;
        if ($started === null) {
            return Refusal::later('clock-not-started');
        }
        $waited = new Waited($started->at, $event->at, $step->manner->wait);
        if (!$waited->early()) {
            return null;
        }
        $figures = ['seconds' => (int) round((float) $waited->seconds()), 'planned' => (int) $step->manner->wait];
        $bond = $step->heatedBond();
        if ($bond === null) {
            return Refusal::unlessSaidWhy($step->kind()->earlyCode(), $figures);
        }
        $window = $this->run->plan->sealing->openings[$bond]->window;
        $now = $this->estimate($bond, $event);

        return $now !== null && $now->bond >= $window->low
            ? null
            : Refusal::unlessSaidWhy(
                'early-heat',
                $figures + ['bond' => round($now->bond ?? $this->run->plan->basis->room), 'low' => $window->low],
            );
    }

    private function cut(Step $step, Event $event): ?Refusal
    {
        $opening = $this->run->plan->sealing->openings[$step->act->move->bond ?? ''] ?? null;
        $now = $opening === null || $opening->isCold() ? null : $this->estimate($opening->bond, $event);
        if ($opening === null || $now === null) {
            return null;
        }

        return match (true) {
            $now->battery > $opening->limits->batteryStop => Refusal::unlessSaidWhy('cut-battery-hot', [
                'battery' => round($now->battery),
                'limit' => $opening->limits->batteryStop,
            ]),
            $now->bond < $opening->window->low - self::SLACK => Refusal::unlessSaidWhy('cut-cold', [
                'bond' => round($now->bond),
                'low' => $opening->window->low,
            ]),
            default => null,
        };
    }

    /** As the bond and the battery are estimated at the moment of an event; null before the first heating. */
    private function estimate(string $bondId, Event $event): ?Sample
    {
        $log = HeatLog::of($this->run, $bondId, $event->at);
        $basis = $this->run->plan->basis;
        $bond = $basis->phone->bonds[$bondId] ?? null;
        if ($log === null || $bond?->warming === null) {
            return null;
        }
        $seconds = max(0.0, ($event->at - $log->from) / 1000);
        $curves = Curves::after(HeatBefore::of($this->run, $bondId, $log->from), $basis->phone, $bond);
        $samples = $curves->run($log->programme($basis->source, $seconds), 10.0);

        return $samples[\count($samples) - 1];
    }
}
