<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\Quoting;
use App\Jobs\ChangeJob;
use App\Jobs\Planning;
use App\Jobs\ShopBook;
use App\Jobs\Stations;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Phones\PhoneLibrary;
use Facelift\Diagnosis\Diagnostician;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class ScopeController
{
    public function __construct(private Planning $planning, private PhoneLibrary $phones, private Stations $stations) {}

    public function show(Request $request, Job $job, Quoting $quoting, ShopBook $book): JsonResponse
    {
        $this->stations->mustReach('scope', $job);
        $condition = $this->planning->condition($job);
        $finding = (new Diagnostician())->diagnose($condition, $this->phones->phone($job->phone)->panel->technology);

        return new JsonResponse(
            ScopeResource::of(
                $finding,
                $condition,
                $quoting->options($job),
                Gate::allows('seeMargin', Job::class),
                $book->rules()->currency,
            ),
        );
    }

    public function update(ChooseKindRequest $request, Job $job, ChangeJob $change): JobResource
    {
        $this->stations->mustReach('scope', $job);
        $kind = $request->kind();
        $this->phones->phone($job->phone)->replacement($kind);

        return new JobResource(
            $change->beforeBench($job, $request->version(), static function (Job $locked) use ($kind, $request): void {
                $locked->kind = $kind;
                $locked->kind_reason = $request->reason();
                if ($request->has('worth')) {
                    $locked->worth = $request->worth();
                }
                if ($locked->isDirty('kind')) {
                    $locked->dropQuote();
                    ShelfItem::query()
                        ->where('job_id', $locked->id)
                        ->update(['job_id' => null]);
                }
            }),
        );
    }
}
