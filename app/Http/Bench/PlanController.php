<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\MakePlan;
use App\Exceptions\Conflict;
use App\Http\Counter\JobResource;
use App\Jobs\Runs;
use App\Models\Job;
use Facelift\Document\Unreadable;
use Facelift\Plan\PlanDocument;
use Illuminate\Http\JsonResponse;

final readonly class PlanController
{
    public function show(Job $job, Runs $runs): JsonResponse
    {
        if ($job->plan === null) {
            throw Conflict::notReachable('No plan has been made yet. Set the source and plan.');
        }

        try {
            return JsonResponse::fromJsonString((new PlanDocument())->json($runs->read($job)));
        } catch (Unreadable $e) {
            throw Conflict::notReachable(
                'The plan that is kept cannot be read: ' . $e->getMessage() . '. Set the source and plan anew.',
            );
        }
    }

    public function update(MakePlanRequest $request, Job $job, MakePlan $make): JobResource
    {
        return new JobResource(
            $make(
                $job,
                $request->version(),
                $request->source(),
                $request->oldPanel(),
                $request->school(),
                $request->reason(),
            ),
        );
    }
}
