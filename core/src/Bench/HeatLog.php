<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Heat\Probe;
use Facelift\Heat\Programme;
use Facelift\Heat\Reading;
use Facelift\Heat\Source;

/** What was really done to one bond with heat, from the events of the run: when the source came on and off, and what was read. */
final readonly class HeatLog
{
    /**
     * @param int                        $from  ms since 1970 of the first heating
     * @param list<array{float, float}>  $heats s from there: on and off; the last may still be on
     * @param list<Reading>              $readings
     */
    private function __construct(public int $from, public array $heats, public bool $on, public array $readings) {}

    /**
     * @param list<string> $heatSteps ids of the plan's heatings of this bond, in order
     *
     * @return self|null null before the first heating has begun
     */
    public static function of(BenchState $state, array $heatSteps, int $now): ?self
    {
        $spans = [];
        foreach ($heatSteps as $step) {
            $on = $state->timers[$step]->at ?? null;
            if ($on !== null) {
                $spans[] = [$on, $state->done[$step]->at ?? null];
            }
        }
        if ($spans === []) {
            return null;
        }
        foreach (self::extra($state) as $span) {
            // Heat beyond the plan belongs to this bond only once its own heating has begun.
            if ($span[0] >= $spans[0][0]) {
                $spans[] = $span;
            }
        }
        usort($spans, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $from = $spans[0][0];
        $seconds = static fn(int $at): float => max(0.0, ($at - $from) / 1000);
        $readings = array_filter($state->readings, static fn(Event $e): bool => \in_array($e->text('step'), $heatSteps, true) && $e->at > $from);

        return new self(
            $from,
            array_map(static fn(array $s): array => [$seconds($s[0]), $seconds($s[1] ?? $now)], $spans),
            $spans[\count($spans) - 1][1] === null,
            array_values(array_map(static fn(Event $e): Reading => new Reading(Probe::from($e->text('probe')), $seconds($e->at), ($e->tenths() ?? 0) / 10), $readings)),
        );
    }

    /** The programme up to a moment, in s from the first heating; resting where no source was on. */
    public function programme(Source $source, float $until): Programme
    {
        $programme = Programme::empty();
        $clock = 0.0;
        foreach ($this->heats as $i => [$on, $off]) {
            // A heating that is still on goes on as long as is looked ahead.
            $end = $this->on && $i === \count($this->heats) - 1 ? $until : min($off, $until);
            $programme = $programme->rest(max(0.0, min($on, $until) - $clock))->heat(max(0.0, $end - $on), $source);
            $clock = max($clock, $end);
        }

        return $programme->rest(max(0.0, $until - $clock));
    }

    /** @return list<array{int, int|null}> */
    private static function extra(BenchState $state): array
    {
        $spans = [];
        foreach ($state->extraHeat as $event) {
            if ($event->text('state') === 'on') {
                $spans[] = [$event->at, null];
            } elseif ($spans !== [] && $spans[\count($spans) - 1][1] === null) {
                $spans[\count($spans) - 1][1] = $event->at;
            }
        }

        return $spans;
    }
}
