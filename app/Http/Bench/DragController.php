<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\ReportDrag;
use App\Http\Counter\JobResource;
use App\Models\Job;
use App\Models\User;

/** A blade drags: its pass ends where it stands. */
final readonly class DragController
{
    public function __invoke(DragRequest $request, Job $job, ReportDrag $report): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JobResource($report(
            $job,
            $user,
            mb_strtolower($request->text('id')),
            $request->integer('at'),
            $request->text('step'),
            $request->float('mm'),
        ));
    }
}
