<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Median;
use Facelift\Anatomy\Repair;
use Facelift\Anatomy\TrialOutcome;
use Facelift\Proof\Gate;
use Facelift\Proof\Outcome;

/** What a repair took and how it ended, as a phone file keeps it: only what was measured, nothing that was planned. */
final readonly class Repaired
{
    /** A step that took so many times as long as planned, and this many s more, was left lying meanwhile. */
    private const AWAY = 3.0;
    private const AT_LEAST = 600.0;

    /** @param string $day yyyy-mm-dd */
    public static function of(Run $run, string $job, string $day): Repair
    {
        $felt = static fn(Felt $as): int => \count(array_filter(
            $run->state->done,
            static fn(Event $e): bool => $e->text('felt') === $as->value,
        ));

        return new Repair(
            $job,
            $day,
            self::steps($run),
            $felt(Felt::Easily),
            $felt(Felt::Dragged),
            \count($run->readings()),
            self::trial($run),
            self::failed($run, Gate::Finished),
        );
    }

    /** @return array<string, Median> */
    private static function steps(Run $run): array
    {
        $done = $run->state->done;
        uasort($done, static fn(Event $a, Event $b): int => $a->isBefore($b) ? -1 : 1);
        $took = [];
        $before = null;
        foreach ($done as $id => $event) {
            $step = $run->plan->steps[$id] ?? null;
            $began = $run->state->timers[$id]->at ?? $before;
            $before = $event->at;
            if ($step === null || $began === null) {
                continue;
            }
            $seconds = max(0.0, ($event->at - $began) / 1000);
            $planned = $step->manner->hands + $step->manner->wait;
            if ($seconds <= self::AWAY * $planned + self::AT_LEAST) {
                $took[$step->kind()->value][] = $seconds;
            }
        }

        return array_map(Median::of(...), $took);
    }

    private static function trial(Run $run): TrialOutcome
    {
        $tests = $run->state->proofs->tests[Gate::Trial->value] ?? [];

        return match (true) {
            $tests === [] => TrialOutcome::NotTested,
            \in_array(Outcome::Fail->value, $tests, true) => TrialOutcome::Failed,
            default => TrialOutcome::Passed,
        };
    }

    /** @return list<string> */
    private static function failed(Run $run, Gate $gate): array
    {
        $tests = $run->state->proofs->tests[$gate->value] ?? [];

        return array_keys(array_filter($tests, static fn(string $o): bool => $o === Outcome::Fail->value));
    }
}
