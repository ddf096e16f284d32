<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Cut\Heating;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Probe;
use Facelift\Heat\Reading;
use Facelift\Plan\Plan;

/** Finds what was really done to one bond with heat among the events of a run. */
final readonly class HeatLog
{
    /** @return HeatRecord|null null before the first heating of the bond has begun */
    public static function of(Run $run, string $bond, int $now): ?HeatRecord
    {
        $steps = $run->plan->heatingsOf($bond);
        $spans = self::spans($run->state, $steps);
        if ($spans === []) {
            return null;
        }
        $from = $spans[0][0];
        $seconds = static fn(int $at): float => max(0.0, ($at - $from) / 1000);
        $readings = array_filter(
            $run->readings(),
            static fn(Event $e): bool => \in_array($e->step(), $steps, true) && $e->at > $from,
        );

        return new HeatRecord(
            $from,
            array_map(static fn(array $s): array => [$seconds($s[0]), $seconds($s[1] ?? $now)], $spans),
            $spans[\count($spans) - 1][1] === null,
            array_values(
                array_map(
                    static fn(Event $e): Reading => new Reading(
                        Probe::from($e->text('probe')),
                        $seconds($e->at),
                        ($e->tenths() ?? 0) / 10,
                    ),
                    $readings,
                ),
            ),
            array_keys(array_filter(
                $spans,
                static fn(array $s): bool => $s[2] !== null && self::isElsewhere($run->plan, $s[2]),
            )),
        );
    }

    /** True if a heating is planned at another stretch of the edge than the one before. */
    private static function isElsewhere(Plan $plan, string $step): bool
    {
        $of = $plan->steps[$step]->act->move;
        $move = $of === null ? null : $plan->sealing->openings[$of->bond]->moves[$of->index] ?? null;

        return $move instanceof Heating && $move->elsewhere;
    }

    /**
     * @param list<string> $steps heatings of the bond
     *
     * @return list<array{int, int|null, string|null}> ms since 1970: on, and off unless it is still on; and the step,
     *     or
     *     null for heat beyond the plan
     */
    private static function spans(BenchState $state, array $steps): array
    {
        $spans = [];
        foreach ($steps as $step) {
            $on = $state->timers[$step]->at ?? null;
            if ($on !== null) {
                $spans[] = [$on, $state->done[$step]->at ?? null, $step];
            }
        }
        if ($spans === []) {
            return [];
        }
        foreach (self::extra($state) as $span) {
            // Heat beyond the plan belongs to this bond only once its own heating has begun.
            if ($span[0] >= $spans[0][0]) {
                $spans[] = $span;
            }
        }
        usort($spans, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $spans;
    }

    /** @return list<array{int, int|null, null}> */
    private static function extra(BenchState $state): array
    {
        $spans = [];
        foreach ($state->happened->extraHeat as $event) {
            if ($event->text('state') === 'on') {
                $spans[] = [$event->at, null, null];
            } elseif ($spans !== [] && $spans[\count($spans) - 1][1] === null) {
                $spans[\count($spans) - 1][1] = $event->at;
            }
        }

        return $spans;
    }
}
