<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeJob;
use App\Http\Requests\CheckInRequest;
use App\Http\Resources\JobResource;
use App\Models\Job;
use Facelift\Condition\ConditionReader;

final readonly class CheckInController
{
    public function __invoke(CheckInRequest $request, Job $job, ChangeJob $change): JobResource
    {
        $condition = $request->condition();
        (new ConditionReader())->read($condition);

        return new JobResource($change->beforeBench($job, $request->version(), static function (Job $locked) use ($condition): void {
            $locked->condition = $condition;
            if ($locked->isDirty('condition')) {
                $locked->dropQuote();
            }
        }));
    }
}
