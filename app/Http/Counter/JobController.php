<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\JobLists;
use App\Counter\JobSearch;
use App\Counter\OpenJob;
use App\Jobs\ChangeJob;
use App\Models\Job;
use App\Models\SearchText;
use App\Models\User;
use Illuminate\Http\JsonResponse;

final readonly class JobController
{
    public const PAGE = 50;

    /** Open jobs first, then those of today; or the closed ones; with words, only what they find, newest first. */
    public function index(JobListRequest $request, JobSearch $search, JobLists $lists): JsonResponse
    {
        $from = $request->from();
        $query = $request->string('q')->toString();
        $jobs = match (true) {
            SearchText::words($query) !== [] => $search->find($query, $from?->number, self::PAGE + 1),
            $request->string('show')->toString() === 'closed' => $lists->closed($from, self::PAGE + 1),
            default => $lists->current($from, self::PAGE + 1),
        };
        $last = $jobs->count() > self::PAGE ? $jobs->get(self::PAGE - 1) : null;

        return new JsonResponse([
            'data' => JobSummaryResource::collection($jobs->take(self::PAGE)),
            'next' => $last === null ? null : [
                'before' => $last->number,
                'closedAt' => $last->handed_over_at?->getTimestampMs(),
            ],
        ]);
    }

    public function store(OpenJobRequest $request, OpenJob $open): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $job = $open($user, $request->job());

        return (new JobResource($job))->response($request)->setStatusCode($job->wasRecentlyCreated ? 201 : 200);
    }

    /** The phone is here, or comes on another day. */
    public function comes(PhoneComesRequest $request, Job $job, ChangeJob $change): JobResource
    {
        $day = $request->day();

        $keep = static function (Job $locked) use ($day): void {
            $locked->comes_on = $day;
        };

        return new JobResource($change->beforeBench($job, $request->version(), $keep)->load('part'));
    }

    public function show(Job $job): JobResource
    {
        return new JobResource($job);
    }
}
