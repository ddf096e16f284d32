<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\JobSearch;
use App\Counter\OpenJob;
use App\Jobs\ChangeJob;
use App\Models\Job;
use App\Models\SearchText;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

final readonly class JobController
{
    public const PAGE = 50;
    /** the last page that can be asked for */
    public const LAST = 20_000;

    /** Open jobs first, then the closed ones; with words, only what they find, newest first. */
    public function index(Request $request, JobSearch $search): JsonResponse
    {
        $page = min(self::LAST, max(1, $request->integer('page', 1)));
        $query = $request->string('q')->limit(60, '')->toString();
        $jobs = SearchText::words($query) === []
                ? $this->listed($request->string('show')->toString() === 'closed', $page)
                : $search->find($query, ($page - 1) * self::PAGE, self::PAGE + 1);

        return new JsonResponse([
            'data' => JobSummaryResource::collection($jobs->take(self::PAGE)),
            'page' => $page,
            'more' => $jobs->count() > self::PAGE,
        ]);
    }

    /** @return Collection<int, Job> one more than a page holds */
    private function listed(bool $closed, int $page): Collection
    {
        $query = Job::query()->with('part:id,job_id,label,state');
        // Nulls come first: what is not handed over.
        $closed
            ? $query->whereNotNull('handed_over_at')->orderBy('handed_over_at', 'desc')
            : $query->where(self::current(...))->orderBy('handed_over_at');

        return $query
            ->orderByDesc('number')
            ->offset(($page - 1) * self::PAGE)
            ->limit(self::PAGE + 1)
            ->get(Job::listed())
            ->toBase();
    }

    /**
     * Open, or closed within a day.
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
