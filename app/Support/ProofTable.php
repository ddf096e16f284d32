<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Bench\BenchState;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Document\Reason;
use Facelift\Proof\Causes;
use Facelift\Proof\Change;
use Facelift\Proof\Need;
use Facelift\Proof\Outcome;
use Facelift\Route\Route;
use Facelift\Route\RoutePlanner;

/** Sets every test beside what the function did at check-in. */
final readonly class ProofTable
{
    public function __construct(private Runs $runs, private Planning $planning, private PhoneLibrary $phones) {}

    /** @return array{gates: list<array<string, mixed>>, newFaults: list<string>} */
    public function of(Job $job, BenchState $state): array
    {
        $plan = $this->runs->plan($job);
        $condition = $this->planning->condition($job);
        $route = $this->route($job);
        $gates = [];
        foreach ($plan->gates as $gate => $functions) {
            $rows = array_map(fn(string $f): array => $this->row($job, $gate, PhoneFunction::from($f), $state, $condition, $route), $functions);
            $gates[] = ['gate' => $gate, 'open' => $gate === 'check-in' ? 0 : count($state->untested($plan, $gate)), 'waived' => $state->waived[$gate] ?? null, 'rows' => $rows];
        }

        return ['gates' => $gates, 'newFaults' => $this->newFaults($job, $state)];
    }

    /** @return list<string> functions that worked at check-in and fail at the last gate at which they were tested */
    public function newFaults(Job $job, BenchState $state): array
    {
        $condition = $this->planning->condition($job);
        $last = [];
        foreach (array_keys($this->runs->plan($job)->gates) as $gate) {
            $last = array_replace($last, $state->tests[$gate] ?? []);
        }
        $faults = array_filter($last, static fn(string $outcome, string $function): bool => Change::between($condition->stateOf(PhoneFunction::from($function)), Outcome::from($outcome)) === Change::NewFault, ARRAY_FILTER_USE_BOTH);

        return array_keys($faults);
    }

    /** @return array<string, mixed> */
    private function row(Job $job, string $gate, PhoneFunction $function, BenchState $state, Condition $condition, Route $route): array
    {
        $before = $condition->stateOf($function);
        $said = $state->tests[$gate][$function->value] ?? null;
        if ($gate === 'check-in') {
            $said = match ($before) {
                FunctionState::Works => 'pass',
                FunctionState::Fails => 'fail',
                FunctionState::CannotTest => 'not-possible',
            };
        }
        $after = $said === null ? null : Outcome::from($said);
        $change = $after === null ? Change::NotTested : Change::between($before, $after);
        $causes = $after === Outcome::Fail && $gate !== 'check-in' ? (new Causes())->of($function, $this->phones->phone($job->phone), $route) : [];

        return [
            'function' => $function->value, 'needs' => Need::of($function)->value, 'before' => $before->value, 'after' => $after?->value,
            'change' => $change->value, 'causes' => array_map(static fn(Reason $r): array => $r->toArray(), $causes),
        ];
    }

    private function route(Job $job): Route
    {
        $phone = $this->phones->phone($job->phone);
        assert($job->kind !== null);

        return (new RoutePlanner())->plan($phone, $phone->replacement($job->kind));
    }
}
