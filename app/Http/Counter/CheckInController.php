<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Jobs\ChangeJob;
use App\Models\Job;
use Facelift\Condition\ConditionReader;
use Facelift\Condition\Observation;

final readonly class CheckInController
{
    public function __invoke(CheckInRequest $request, Job $job, ChangeJob $change): JobResource
    {
        $condition = $request->condition();
        // Marks and observations are one truth: what is drawn is seen as well, whoever sends it.
        $seen = (new ConditionReader())->read($condition)->seen();
        $condition['observations'] = array_map(static fn(Observation $o): string => $o->value, $seen);

        return new JobResource(
            $change->beforeBench($job, $request->version(), static function (Job $locked) use ($condition): void {
                $locked->condition = $condition;
                if ($locked->isDirty('condition')) {
                    $locked->dropQuote();
                }
            }),
        );
    }
}
