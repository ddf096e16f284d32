<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\Stations;
use App\Models\ClosedAs;
use App\Models\Job;
use App\Models\ShelfItem;
use Illuminate\Support\Carbon;

/** The customer says no: the part is free again, the phone is handed back, the job is closed. */
final readonly class RefuseQuote
{
    public function __construct(private ChangeJob $change, private Stations $stations) {}

    /** @throws Conflict If work has begun, or the job was changed meanwhile. */
    public function __invoke(Job $job, int $version, string $reason): Job
    {
        $this->stations->mustReach('scope', $job);

        return $this->change->beforeBench($job, $version, static function (Job $locked) use ($reason): void {
            if ($locked->closed_as === ClosedAs::Refused) {
                return;
            }
            ShelfItem::query()->where('job_id', $locked->id)->update(['job_id' => null]);
            $locked->closed_as = ClosedAs::Refused;
            $locked->closed_reason = $reason;
            $locked->dropQuote();
            $locked->promised_at = null;
            $locked->handed_over_at = Carbon::now();
        });
    }
}
