<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Support\Planning;
use App\Support\Stations;
use Facelift\Plan\PlanDocument;
use Illuminate\Support\Carbon;

/** Computes the plan of a job and keeps it with the job: the bench works from exactly what was shown. */
final readonly class MakePlan
{
    /** A promise leaves this much air over the plan's own minutes (common practice, no source). */
    private const AIR = 1.25;

    public function __construct(private ChangeJob $change, private Planning $planning, private Stations $stations) {}

    /** @throws Conflict If no part is chosen yet, or the job was changed meanwhile. */
    public function __invoke(Job $job, int $version, float $set): Job
    {
        $this->stations->mustReach('plan', $job);

        return $this->change->beforeBench($job, $version, function (Job $locked) use ($set): void {
            $plan = $this->planning->plan($locked, $set);
            $locked->plate = $set;
            $locked->plan = json_encode((new PlanDocument())->write($plan), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
            if ($locked->isDirty()) {
                $seconds = (int) round(self::AIR * ($plan->handsOn() + $plan->waiting()));
                $locked->promised_at = $plan->works() ? Carbon::now()->addSeconds($seconds)->ceilMinutes(15) : null;
            }
        });
    }
}
