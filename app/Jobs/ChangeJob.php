<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\DB;

/** Changes a job as one transaction: locked, checked against the version the client saw, counted up. */
final readonly class ChangeJob
{
    /**
     * @param \Closure(Job): void $change applied to the locked job; sending a change again that is already there does
     *     no harm
     *
     * @throws Conflict If the job is closed, is at the bench already, or was changed by somebody else.
     */
    public function beforeBench(Job $job, int $version, \Closure $change): Job
    {
        return $this->locked($job, $version, $change, static function (Job $locked): void {
            if (BenchEvent::query()->where('job_id', $locked->id)->exists()) {
                throw Conflict::benchStarted($locked);
            }
        });
    }

    /**
     * For choosing a part: before the bench, or at the bench after the part has failed and the job holds none.
     *
     * @param \Closure(Job): void $change
     *
     * @throws Conflict If the job is closed, holds a part at the bench, or was changed by somebody else.
     */
    public function whileNoPart(Job $job, int $version, \Closure $change): Job
    {
        $holds = ShelfItem::query()->where('job_id', $job->id)->exists();

        return $holds ? $this->beforeBench($job, $version, $change) : $this->atAnyTime($job, $version, $change);
    }

    /**
     * @param \Closure(Job): void $change
     *
     * @throws Conflict If the job is closed or was changed by somebody else.
     */
    public function atAnyTime(Job $job, int $version, \Closure $change): Job
    {
        return $this->locked($job, $version, $change, static function (): void {});
    }

    /**
     * @param \Closure(Job): void $change
     * @param \Closure(Job): void $guard
     */
    private function locked(Job $job, int $version, \Closure $change, \Closure $guard): Job
    {
        return DB::connection()->transaction(static function () use ($job, $version, $change, $guard): Job {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $closed = $locked->handed_over_at !== null;
            $change($locked);
            if (!$locked->isDirty() && !$locked->changedBeside) {
                return $locked;
            }
            if ($closed) {
                throw Conflict::closed($locked);
            }
            if ($locked->version !== $version) {
                throw Conflict::staleVersion($locked);
            }
            $guard($locked);
            ++$locked->version;
            $locked->save();

            return $locked;
        });
    }
}
