<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendEvents;
use App\Http\Requests\EventsRequest;
use App\Http\Resources\BenchStateResource;
use App\Models\Job;
use App\Models\User;
use App\Support\Runs;
use Illuminate\Http\JsonResponse;

final readonly class BenchController
{
    public function __construct(private Runs $runs) {}

    public function show(Job $job): JsonResponse
    {
        return new JsonResponse($this->state($job));
    }

    public function store(EventsRequest $request, Job $job, AppendEvents $append): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse($append($job, $user, $request->events()) + ['state' => $this->state($job)]);
    }

    /** @return array<string, mixed> */
    private function state(Job $job): array
    {
        return BenchStateResource::of($this->runs->plan($job), $this->runs->state($job));
    }
}
