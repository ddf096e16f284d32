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
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The seal of a job: its ways side by side, another chosen, heights measured, the sheet to cut from. */
final readonly class JobSealController
{
    public function __construct(private Runs $runs, private Planning $planning) {}

    public function show(Request $asked, Job $job): JsonResponse
    {
        $request = $this->request($asked, $job, $this->runs->plan($job));

        return new JsonResponse((new SealDocument())->write($request, (new WayFinder())->find($request)));
    }

    public function update(JobSealRequest $request, Job $job, ReSeal $reSeal): JobResource
    {
        return new JobResource($reSeal($job, $request->version(), $request->seal()));
    }

    public function sheet(Request $asked, Job $job, string $format, CutSheets $sheets): Response
    {
        $plan = $this->runs->plan($job);
        $request = $this->request($asked, $job, $plan);
        $choice = (new WayFinder())->find($request);
        $way = $plan->sealing->seals[$request->bond->id]->way;

        return $sheets->of(
            $request,
            $way === null ? null : $choice->by($way),
            $format,
            $job->tag() . '-' . $request->bond->id,
        );
    }

    /**
     * @throws Conflict              If no bond is named and the new part comes bonded already.
     * @throws NotFoundHttpException If the plan makes no bond of the name that is given.
     */
    private function request(Request $asked, Job $job, Plan $plan): SealRequest
    {
        $named = $asked->query('bond');
        $bond = is_string($named) ? $named : Resealing::bondOf($plan)
            ?? throw Conflict::notReachable(
                'The new part comes bonded: there is no seal to choose, and nothing was changed.',
            );
        if (!isset($plan->sealing->seals[$bond])) {
            throw new NotFoundHttpException('This job makes no bond "' . $bond . '" again.');
        }
        $wish = $this->planning->request($job, $plan->basis->replacement->kind)->seal;

        return (new Resealing($plan, $this->planning->condition($job)))->request($bond, $wish);
    }
}
