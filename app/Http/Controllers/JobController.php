<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenJob;
use App\Http\Requests\OpenJobRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\JobSummaryResource;
use App\Models\Job;
use App\Models\User;
use App\Support\SearchText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

final readonly class JobController
{
    public const PAGE = 50;

    /** Open jobs first, then the closed ones; with words, only what they find, newest first. */
    public function index(Request $request): JsonResponse
    {
        $page = max(1, $request->integer('page', 1));
        $words = SearchText::boolean($request->string('q')->limit(60, '')->toString());
        $query = Job::query()->with('part');
        if ($words !== null) {
            $query->whereFullText('search', $words, ['mode' => 'boolean'])->orderByDesc('number');
        } else {
            // Nulls come first: what is not handed over.
            $query->orderBy('handed_over_at', $request->string('show')->toString() === 'closed' ? 'desc' : 'asc')->orderByDesc('number');
            $request->string('show')->toString() === 'closed' ? $query->whereNotNull('handed_over_at') : $query->where(self::current(...));
        }
        $jobs = $query->offset(($page - 1) * self::PAGE)->limit(self::PAGE + 1)->get();

        return new JsonResponse(['data' => JobSummaryResource::collection($jobs->take(self::PAGE)), 'page' => $page, 'more' => $jobs->count() > self::PAGE]);
    }

    /**
     * Open, or closed today.
     *
     * @param Builder<Job> $query
     */
    private static function current(Builder $query): void
    {
        $query->whereNull('handed_over_at')->orWhere('handed_over_at', '>=', Carbon::now()->subDay());
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
