<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Heat\BenchHeat;
use App\Models\Job;
use App\Models\RunningClock;
use Facelift\Bench\Run;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Facelift\Schedule\Chain;

/** Keeps beside a job where it stands, so that lists and clocks need neither its plan nor its events. */
final readonly class Standing
{
    public function __construct(private BenchHeat $heat, private Runs $runs) {}

    /** The plan is new, or there is none: nothing of it has been done. */
    public function planned(Job $job, ?Plan $plan): void
    {
        $job->plan_works = $plan?->works();
        $job->next_step = $plan === null ? null : array_key_first($plan->steps);
        $job->remaining = $plan === null || !$plan->works() ? null : Chain::of($plan)->rows();
        $job->guessed = $plan !== null && Guess::of($plan) !== null;
    }

    /** Events have been kept, or the plan was written anew: the caller saves the job, which is locked. */
    public function moved(Job $job, Run $run): void
    {
        $job->plan_works = $run->plan->works();
        $job->next_step = $run->next()?->id;
        $job->remaining = Chain::of($run->plan, $run->state->done)->rows();
        $job->guessed = Guess::of($run->plan) !== null;
        $this->runs->keep($job, $run);
        $rows = [];
        foreach ($run->clocks() as $id => $since) {
            $step = $run->plan->steps[$id];
            $rows[] = [
                'job_id' => $job->id,
                'step' => $id,
                'kind' => $step->kind()->value,
                'since' => $since,
                'seconds' => (int) $step->manner->wait,
                'lift_at' => $this->liftAt($job, $run, $step->heatedBond()),
            ];
        }
        $kept = RunningClock::query()->where('job_id', $job->id)->exists();
        if ($kept) {
            RunningClock::query()->where('job_id', $job->id)->delete();
        }
        if ($rows !== []) {
            RunningClock::query()->insert($rows);
        }
    }

    /** Only a reading changes when to lift off: without one the plan's own time holds. */
    private function liftAt(Job $job, Run $run, ?string $bond): ?int
    {
        return $bond === null || $run->readings() === []
            ? null
            : $this->heat->liftAt($job, $run, $bond, now()->getTimestampMs());
    }
}
