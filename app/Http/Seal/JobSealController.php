<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Exceptions\Conflict;
use App\Http\Counter\JobResource;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\Job;
use App\Seal\ReSeal;
use Facelift\Plan\Plan;
use Facelift\Plan\Resealing;
use Facelift\Plan\SealDocument;
use Facelift\Seal\SealRequest;
use Facelift\Seal\WayFinder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The seal of a job: its ways side by side, another chosen, heights measured, the sheet to cut from. */
final readonly class JobSealController
{
    public function __construct(private Runs $runs, private Planning $planning) {}

    public function show(Job $job): JsonResponse
    {
        $request = $this->request($job, $this->runs->plan($job));

        return new JsonResponse((new SealDocument())->write($request, (new WayFinder())->find($request)));
    }

    public function update(JobSealRequest $request, Job $job, ReSeal $reSeal): JobResource
    {
        return new JobResource($reSeal($job, $request->version(), $request->seal()));
    }

    public function sheet(Job $job, string $format, CutSheets $sheets): Response
    {
        $plan = $this->runs->plan($job);
        $request = $this->request($job, $plan);
        $choice = (new WayFinder())->find($request);
        $way = $plan->sealing->seals[$request->bond->id]->way;

        return $sheets->of(
            $request,
            $way === null ? null : $choice->by($way),
            $format,
            $job->tag() . '-' . $request->bond->id,
        );
    }

    /** @throws Conflict If the new part comes bonded already. */
    private function request(Job $job, Plan $plan): SealRequest
    {
        $bond = Resealing::bondOf($plan)
            ?? throw Conflict::notReachable('The new part comes bonded: there is no seal to choose.');
        $basis = $plan->basis;
        $wish = $this->planning->request($job, $basis->replacement->kind)->seal;

        return new SealRequest(
            $basis->phone,
            $basis->phone->bonds[$bond],
            $basis->replacement,
            $this->planning->condition($job),
            $wish->means->at($basis->room),
            $wish->readings,
        );
    }
}
