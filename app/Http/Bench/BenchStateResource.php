<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Anatomy\Place;
use Facelift\Bench\BenchState;
use Facelift\Bench\DataState;
use Facelift\Bench\Event;
use Facelift\Bench\Run;

/** The state of a run as the page gets it: the one ledger there is. */
final readonly class BenchStateResource
{
    /** @return array<string, mixed> */
    public static function of(Run $run): array
    {
        return ['now' => now()->getTimestampMs()] + self::plain($run);
    }

    /** @return array<string, mixed> the same without the time of day: a pure function of plan and events */
    public static function plain(Run $run): array
    {
        $state = $run->state;
        $happened = $state->happened;

        return [
            'next' => $run->next()?->id,
            'done' => array_map(self::done(...), array_keys($state->done), array_values($state->done)),
            'timers' => self::timers($run),
            'wet' => array_map(static fn(Place $p): string => $p->value, $state->moisture->places),
            'soaked' => $state->moisture->soaked,
            'batteryIn' => $state->batteryIn,
            'screwsOut' => (object) $state->ledger->screws,
            'screws' => (object) $happened->screws,
            'off' => $state->ledger->off,
            'partsOut' => $state->ledger->parts,
            'putOn' => (object) $state->ledger->on,
            'astray' => $run->astray(),
            'tests' => self::tests($state),
            'waived' => (object) $state->proofs->waived,
            'extraHeat' => array_map(
                static fn(Event $e): array => ['at' => $e->at, 'state' => $e->text('state')],
                $happened->extraHeat,
            ),
            'data' => [
                'kept' => isset($happened->data[DataState::Kept->value]),
                'givenUp' => ($happened->data[DataState::GivenUp->value] ?? null)?->why(),
                'ended' => ($happened->data[DataState::Ended->value] ?? null)?->text('ending'),
            ],
            'rungs' => array_map(static fn(Event $e): string => $e->text('rung'), $happened->rungs),
        ];
    }

    /** @return array<string, mixed> */
    private static function done(string $step, Event $by): array
    {
        return [
            'step' => $step,
            'event' => $by->id,
            'at' => $by->at,
            'count' => $by->count(),
            'reason' => $by->countReason()?->value,
        ];
    }

    /** @return list<array{step: string, at: int, seconds: float}> clocks of steps that are not done yet */
    private static function timers(Run $run): array
    {
        $clocks = $run->clocks();

        return array_map(
            static fn(string $step): array => [
                'step' => $step,
                'at' => $clocks[$step],
                'seconds' => $run->plan->steps[$step]->manner->wait,
            ],
            array_keys($clocks),
        );
    }

    /** @return list<array{gate: string, function: string, outcome: string, how: string}> */
    private static function tests(BenchState $state): array
    {
        $rows = [];
        foreach ($state->proofs->tests as $gate => $outcomes) {
            foreach ($outcomes as $function => $outcome) {
                $rows[] = [
                    'gate' => $gate,
                    'function' => $function,
                    'outcome' => $outcome,
                    'how' => $state->proofs->how($gate, $function)->value,
                ];
            }
        }

        return $rows;
    }
}
