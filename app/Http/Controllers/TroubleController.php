<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReportTrouble;
use App\Http\Requests\TroubleRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\Reasons;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use App\Support\PhoneLibrary;
use App\Support\Runs;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Consequence;
use Illuminate\Http\JsonResponse;

/** Troubles at the bench: what can happen at a step and what would follow, what has happened, and that it has. */
final readonly class TroubleController
{
    public function __construct(private Runs $runs, private PhoneLibrary $phones) {}

    public function index(Job $job): JsonResponse
    {
        $phone = $this->phones->phone($job->phone);

        return new JsonResponse(['data' => PlanChange::query()->where('job_id', $job->id)->orderBy('at')->get()->map(static fn(PlanChange $c): array => ['id' => $c->id, 'at' => $c->at, 'trouble' => $c->trouble, 'subject' => $c->subject, 'name' => $phone->nameOf($c->subject), 'step' => $c->step, 'because' => array_map(static fn(array $r): array => ['code' => $r['code'], 'figures' => (object) $r['figures']], $c->because), 'quote' => $c->quote])->all()]);
    }

    public function possible(Job $job, string $step): JsonResponse
    {
        $phone = $this->phones->phone($job->phone);
        $all = (new Aftermath($phone, $this->runs->plan($job)))->possible($step);

        return new JsonResponse(['data' => array_map(static fn(Consequence $c): array => ['trouble' => $c->trouble->value, 'subject' => $c->subject, 'name' => $phone->nameOf($c->subject), 'because' => Reasons::of($c->because), 'stops' => $c->stops, 'quote' => $c->quote], $all)]);
    }

    public function store(TroubleRequest $request, Job $job, ReportTrouble $report): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JobResource($report($job, $user, mb_strtolower($request->text('id')), $request->integer('at'), $request->text('step'), $request->text('trouble'), $request->text('subject')));
    }
}
