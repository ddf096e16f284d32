<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MakePlan;
use App\Exceptions\Conflict;
use App\Http\Requests\MakePlanRequest;
use App\Http\Resources\JobResource;
use App\Models\Job;
use App\Support\Runs;
use Facelift\Plan\PlanDocument;
use Illuminate\Http\JsonResponse;

final readonly class PlanController
{
    public function show(Job $job, Runs $runs): JsonResponse
    {
        if ($job->plan === null) {
            throw Conflict::notReachable('No plan has been made yet. Set the source and plan.');
        }

        return JsonResponse::fromJsonString((new PlanDocument())->json($runs->read($job)));
    }

    public function update(MakePlanRequest $request, Job $job, MakePlan $make): JobResource
    {
        return new JobResource($make($job, $request->version(), $request->source(), $request->oldPanel(), $request->school()));
    }
}
