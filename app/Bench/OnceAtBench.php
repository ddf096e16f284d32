<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\PlanChange;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A report that changes the plan at the bench: one transaction on the locked job, told once, counted up. */
final readonly class OnceAtBench
{
    /**
     * @param string               $id   of the report, made by the client: the same again changes nothing
     * @param int                  $at   when, ms since 1970
     * @param \Closure(Job): void $tell changes the locked job
     *
     * @throws Conflict            If the job is closed.
     * @throws ValidationException If it is said to have happened when it cannot have.
     */
    public function __invoke(Job $job, string $id, int $at, \Closure $tell): Job
    {
        return DB::connection()->transaction(static function () use ($job, $id, $at, $tell): Job {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            if (PlanChange::query()->whereKey($id)->where('job_id', $locked->id)->exists()) {
                return $locked;
            }
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            Moment::check($locked, $at);
            $tell($locked);
            ++$locked->version;
            $locked->save();

            return $locked;
        }, 3);
    }
}
