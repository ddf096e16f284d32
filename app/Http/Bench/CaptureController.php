<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\CaptureAtBench;
use App\Http\Counter\JobResource;
use App\Models\Job;
use App\Models\SaidOfPhone;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is said at the bench of a phone that nobody has drawn. */
final readonly class CaptureController
{
    public function index(Job $job): JsonResponse
    {
        $said = SaidOfPhone::query()->where('job_id', $job->id)->where('undone', false)->orderBy('at')->get();

        return new JsonResponse(['data' => $said->map(static fn(SaidOfPhone $s): array => [
            'id' => $s->id,
            'at' => $s->at,
            'kind' => $s->kind->value,
        ] + SaidOfPhone::kept($s->captured()))->values()->all()]);
    }

    public function store(CaptureRequest $request, Job $job, CaptureAtBench $keep): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JobResource($keep($job, $user, $request->captured()));
    }

    public function destroy(Request $request, Job $job, string $capture, CaptureAtBench $keep): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JobResource($keep->undo($job, $user, $capture));
    }
}
