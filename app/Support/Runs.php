<?php

declare(strict_types=1);

namespace App\Support;

use App\Exceptions\Conflict;
use App\Models\BenchEvent;
use App\Models\Job;
use Facelift\Bench\BenchPlan;
use Facelift\Bench\BenchState;
use Facelift\Bench\Event;
use Facelift\Bench\Fold;

/** The run of a job at the bench: its plan and its events, folded. */
final readonly class Runs
{
    public function __construct(private PhoneLibrary $phones) {}

    /** @throws Conflict If there is no plan that works. */
    public function plan(Job $job): BenchPlan
    {
        if (($job->plan['works'] ?? false) !== true) {
            throw Conflict::notReachable('There is no plan that works yet. First: Plan.');
        }

        return BenchPlan::of($job->plan, $this->phones->phone($job->phone)->powerConnector()->id);
    }

    /** @return list<Event> */
    public function events(Job $job): array
    {
        return array_values($job->events()->get()->map(static fn(BenchEvent $e): Event => $e->toEvent())->all());
    }

    /** @param list<Event> $events */
    public function fold(Job $job, array $events): BenchState
    {
        return (new Fold())->of($this->plan($job), $events);
    }

    public function state(Job $job): BenchState
    {
        return $this->fold($job, $this->events($job));
    }

    /** @return array{BenchState, string|null}|null null while there is no plan that works */
    public function standing(Job $job): ?array
    {
        if (($job->plan['works'] ?? false) !== true) {
            return null;
        }
        $state = $this->state($job);

        return [$state, $state->next($this->plan($job))];
    }
}
