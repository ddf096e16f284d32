<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Facelift\Bench\BenchPlan;
use Facelift\Bench\BenchState;
use Facelift\Bench\Event;

/** The state of a run as the page gets it. */
final readonly class BenchStateResource
{
    /** @return array<string, mixed> */
    public static function of(BenchPlan $plan, BenchState $state): array
    {
        return [
            'now' => now()->getTimestampMs(),
            'next' => $state->next($plan),
            'done' => array_map(static fn(string $step): array => ['step' => $step, 'event' => $state->done[$step]->id, 'at' => $state->done[$step]->at], array_keys($state->done)),
            'timers' => self::timers($plan, $state),
            'wet' => $state->wet,
            'batteryIn' => $state->batteryIn,
            'screwsOut' => (object) $state->screwsOut,
            'screws' => (object) $state->screws,
            'off' => $state->off,
            'partsOut' => $state->partsOut,
            'putOn' => (object) $state->putOn,
            'tests' => self::tests($state),
            'waived' => (object) $state->waived,
            'extraHeat' => array_map(static fn(Event $e): array => ['at' => $e->at, 'state' => $e->text('state')], $state->extraHeat),
            'soaked' => $state->soaked,
            'readings' => array_map(static fn(Event $e): array => ['step' => $e->text('step'), 'at' => $e->at, 'probe' => $e->text('probe'), 'tenths' => (int) $e->tenths()], $state->readings),
            'rungs' => array_map(static fn(Event $e): string => $e->text('rung'), $state->rungs),
            'problems' => array_map(static fn(Event $e): array => ['at' => $e->at, 'text' => $e->text('text')], $state->problems),
        ];
    }

    /** @return list<array{step: string, at: int, seconds: float}> clocks of steps that are not done yet */
    public static function timers(BenchPlan $plan, BenchState $state): array
    {
        $running = array_diff_key($state->timers, $state->done);

        return array_map(static fn(string $step): array => ['step' => $step, 'at' => $running[$step]->at, 'seconds' => $plan->steps[$step]->wait], array_keys($running));
    }

    /** @return list<array{gate: string, function: string, outcome: string}> */
    private static function tests(BenchState $state): array
    {
        $rows = [];
        foreach ($state->tests as $gate => $outcomes) {
            foreach ($outcomes as $function => $outcome) {
                $rows[] = ['gate' => $gate, 'function' => $function, 'outcome' => $outcome];
            }
        }

        return $rows;
    }
}
