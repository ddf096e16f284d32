<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Bench\Internal\OnSource;
use Facelift\Cut\FirstGap;
use Facelift\Cut\Heating;
use Facelift\Cut\Pass;
use Facelift\Heat\HeatedSpan;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Probe;
use Facelift\Heat\Reading;
use Facelift\Heat\Sticker;
use Facelift\Plan\Plan;

/** Finds what was really done to one bond with heat among the events of a run. */
final readonly class HeatLog
{
    /**
     * Followed for this long after the heat was last put on or taken off, s: after that nothing new is to be learnt,
     * and a job may lie for days.
     */
    public const FOLLOWED = 1800.0;

    /** @return HeatRecord|null null before the first heating of the bond has begun */
    public static function of(Run $run, string $bond, int $now): ?HeatRecord
    {
        $steps = $run->plan->heatingsOf($bond);
        $spans = self::spans($run, $steps);
        if ($spans === []) {
            return null;
        }
        $from = $spans[0]->on;
        $seconds = static fn(int $at): float => max(0.0, ($at - $from) / 1000);
        $warm = [...$steps, ...self::heldAfter($run->plan, $steps)];
        $readings = array_filter(
            $run->readings(),
            static fn(Event $e): bool => \in_array($e->step(), $warm, true) && $e->at > $from,
        );

        return new HeatRecord(
            $from,
            array_map(static fn(OnSource $s): HeatedSpan => self::heated($run->plan, $s, $from, $now), $spans),
            $spans[\count($spans) - 1]->off === null,
            array_values(
                array_map(
                    static fn(Event $e): Reading => new Reading(
                        Probe::from($e->text('probe')),
                        $seconds($e->at),
                        ($e->tenths() ?? 0) / 10,
                        Sticker::tryFrom($e->text('sticker')),
                    ),
                    $readings,
                ),
            ),
        );
    }

    private static function heated(Plan $plan, OnSource $span, int $from, int $now): HeatedSpan
    {
        $move = $span->step === null ? null : $plan->moveOf($plan->steps[$span->step]);

        return new HeatedSpan(
            max(0.0, ($span->on - $from) / 1000),
            max(0.0, (($span->off ?? $now) - $from) / 1000),
            ($move instanceof Heating && $move->elsewhere) || ($move instanceof Pass && $move->next),
            $move instanceof Pass || $move instanceof FirstGap ? $move->keptAt : null,
            $move instanceof Heating && $move->preheat ? $plan->basis->approach->preheat : null,
        );
    }

    /**
     * @param list<string> $steps heatings of the bond
     *
     * @return list<OnSource> in order
     */
    private static function spans(Run $run, array $steps): array
    {
        $state = $run->state;
        $spans = [];
        foreach ($steps as $step) {
            $on = $state->timers[$step]->at ?? null;
            if ($on !== null) {
                $spans[] = new OnSource($on, $state->done[$step]->at ?? null, $step);
            }
        }
        if ($spans === []) {
            return [];
        }
        foreach (self::heldAfter($run->plan, $steps) as $before => $held) {
            // The source goes on from when the step before was done.
            $on = $state->done[$before]->at ?? null;
            if ($on !== null) {
                $spans[] = new OnSource($on, $state->done[$held]->at ?? null, $held);
            }
        }
        foreach (self::extra($state) as $span) {
            // Heat beyond the plan belongs to this bond only once its own heating has begun.
            if ($span->on >= $spans[0]->on) {
                $spans[] = $span;
            }
        }
        usort($spans, static fn(OnSource $a, OnSource $b): int => $a->on <=> $b->on);

        return $spans;
    }

    /**
     * @param list<string> $steps heatings of a bond
     *
     * @return array<string, string> steps of the same bond through which its source goes on, by the step before
     */
    private static function heldAfter(Plan $plan, array $steps): array
    {
        $bond = $steps === [] ? null : $plan->steps[$steps[0]]->heatedBond();
        $held = [];
        $before = null;
        foreach ($plan->steps as $id => $step) {
            $move = $step->act->move?->bond === $bond ? $plan->moveOf($step) : null;
            if ($before !== null && ($move instanceof Pass || $move instanceof FirstGap) && $move->keptAt !== null) {
                $held[$before] = $id;
            }
            $before = $id;
        }

        return $held;
    }

    /** @return list<OnSource> */
    private static function extra(BenchState $state): array
    {
        $spans = [];
        foreach ($state->happened->extraHeat as $event) {
            $last = array_pop($spans);
            $ends = $last !== null && $last->off === null && $event->text('state') !== 'on';
            $spans = [
                ...$spans,
                ...$last === null ? [] : [$ends ? new OnSource($last->on, $event->at, null) : $last],
                ...$event->text('state') === 'on' ? [new OnSource($event->at, null, null)] : [],
            ];
        }

        return $spans;
    }
}
