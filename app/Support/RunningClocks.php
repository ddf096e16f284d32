<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\Resources\BenchStateResource;
use App\Models\Job;

/** The clocks that run in a job, as every page shows them. */
final readonly class RunningClocks
{
    public function __construct(private Runs $runs, private BenchHeat $heat) {}

    /** @return list<array<string, mixed>> */
    public function of(Job $job, int $now): array
    {
        $plan = $this->runs->plan($job);
        $state = $this->runs->state($job);

        return array_map(function (array $timer) use ($job, $plan, $state, $now): array {
            $step = $plan->steps[$timer['step']];
            $bond = $step->heatedBond();
            // A reading has corrected when to lift off: the plan's own time would be wrong on every other page.
            $lift = $bond === null || $state->readings === [] ? null : $this->heat->liftAt($job, $bond, $now);

            return ['job' => $job->id, 'tag' => $job->tag(), 'kind' => $step->kind] + ($lift === null ? [] : ['seconds' => ($lift - $timer['at']) / 1000]) + $timer;
        }, BenchStateResource::timers($plan, $state));
    }
}
