<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\PartFailed;
use App\Http\Counter\JobResource;
use App\Models\Job;
use App\Models\User;

/** A part failed at the bench: it leaves the job and goes back. */
final readonly class PartFailureController
{
    public function store(PartFailedRequest $request, Job $job, PartFailed $fail): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);
        $id = $request->string('id')->lower()->toString();
        $reason = $request->string('reason')->trim()->toString();

        return new JobResource($fail(
            $job,
            $user,
            $request->version(),
            $id,
            $reason,
        )->load('part'));
    }
}
