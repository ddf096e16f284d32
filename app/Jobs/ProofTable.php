<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Words\RecordWords;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Bench\DataTold;
use Facelift\Bench\Run;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Document\Reason;
use Facelift\Proof\Change;
use Facelift\Proof\Gate;
use Facelift\Proof\Need;
use Facelift\Proof\Outcome;
use Facelift\Proof\Testing;

/** Sets every test beside what the function did at check-in. */
final readonly class ProofTable
{
    public function __construct(private Planning $planning, private RecordWords $record) {}

    /**
     * @return array{
     *     gates: list<array<string, mixed>>, newFaults: list<string>, located: array<string, mixed>|null,
     *     early: list<array{step: string, text: string}>, data: list<array<string, mixed>>
     * }
     */
    public function of(Job $job, Run $run): array
    {
        $condition = $this->planning->condition($job);
        $faults = LocatedFaults::in($run, $condition);
        $gates = [];
        foreach ($run->plan->gates as $id => $tests) {
            $gates[] = [
                'gate' => $id,
                'open' => $tests->gate === Gate::CheckIn ? 0 : count($run->untested($tests->gate)),
                'waived' => $run->state->proofs->waived[$id] ?? null,
                'rows' => array_map(
                    fn(PhoneFunction $f): array => $this->row(
                        $run,
                        $tests->gate,
                        $f,
                        $condition,
                        $faults,
                    ),
                    $tests->functions,
                ),
            ];
        }

        $early = array_map(
            fn(array $e): array => ['step' => $e[0]->id, 'text' => $this->record->said(...$e)],
            $run->endedEarly(),
        );

        $left = array_map(
            fn(array $l): array => ['step' => $l[0]->id, 'text' => $this->record->notRenewed(...$l)],
            $run->notRenewed(),
        );

        $told = new DataTold($run);

        return [
            'gates' => $gates,
            'newFaults' => $this->newFaults($job, $run),
            'located' => $faults->toArray(),
            'early' => [...$early, ...$left],
            'data' => array_map(
                static fn(Reason $r): array => $r->toArray(),
                [...$told->happened(), ...$told->customer($job->quote?->data)],
            ),
        ];
    }

    /** @return list<string> functions that worked at check-in and fail at the last gate at which they were tested */
    public function newFaults(Job $job, Run $run): array
    {
        $condition = $this->planning->condition($job);
        $last = [];
        foreach (array_keys($run->plan->gates) as $gate) {
            $last = array_replace($last, $run->state->proofs->tests[$gate] ?? []);
        }
        $isNew = static fn(string $outcome, string $function): bool => Change::between(
            $condition->stateOf(PhoneFunction::from($function)),
            Outcome::from($outcome),
        ) === Change::NewFault;

        return array_keys(array_filter($last, $isNew, ARRAY_FILTER_USE_BOTH));
    }

    /** @return array<string, mixed> */
    private function row(
        Run $run,
        Gate $gate,
        PhoneFunction $function,
        Condition $condition,
        LocatedFaults $faults,
    ): array {
        $before = $condition->stateOf($function);
        $after = $gate === Gate::CheckIn
            ? self::atCheckIn($before)
            : Outcome::tryFrom($run->state->proofs->tests[$gate->value][$function->value] ?? '');
        $change = $after === null ? Change::NotTested : Change::between($before, $after);
        $test = Testing::of($function);

        return [
            'function' => $function->value,
            'needs' => array_map(static fn(Need $n): string => $n->value, $test->needs),
            'seconds' => $test->seconds,
            'cover' => $test->cover->value,
            'before' => $before->value,
            'after' => $after?->value,
            'change' => $change->value,
            'how' => $after === null || $gate === Gate::CheckIn
                ? null
                : $run->state->proofs->how($gate->value, $function->value)->value,
            'earlier' => self::earlier($run, $gate, $function),
            'sign' => ($run->state->proofs->signs[$gate->value][$function->value] ?? null)?->value,
            'bears' => $after === Outcome::Fail && $gate !== Gate::CheckIn ? $faults->bears($function)?->value : null,
        ];
    }

    /** @return array{gate: string, outcome: string}|null the gate before at which it was tested last */
    private static function earlier(Run $run, Gate $gate, PhoneFunction $function): ?array
    {
        $found = null;
        foreach (array_keys($run->plan->gates) as $id) {
            if ($id === $gate->value) {
                break;
            }
            $outcome = $run->state->proofs->tests[$id][$function->value] ?? null;
            $found = $outcome === null ? $found : ['gate' => $id, 'outcome' => $outcome];
        }

        return $found;
    }

    private static function atCheckIn(FunctionState $state): Outcome
    {
        return match ($state) {
            FunctionState::Works => Outcome::Pass,
            FunctionState::Fails => Outcome::Fail,
            FunctionState::CannotTest => Outcome::NotPossible,
        };
    }
}
