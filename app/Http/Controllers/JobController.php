<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenJob;
use App\Http\Requests\OpenJobRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\JobSummaryResource;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;

final readonly class JobController
{
    private const MOST = 200;

    public function index(): JsonResponse
    {
        $jobs = Job::query()->with('part')->orderByRaw('handed_over_at is not null')->orderByDesc('number')->limit(self::MOST)->get();

        return new JsonResponse(['data' => JobSummaryResource::collection($jobs)]);
    }

    public function store(OpenJobRequest $request, OpenJob $open): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $job = $open($user, $request->job());

        return (new JobResource($job))->response($request)->setStatusCode($job->wasRecentlyCreated ? 201 : 200);
    }

    public function show(Job $job): JobResource
    {
        return new JobResource($job);
    }
}
