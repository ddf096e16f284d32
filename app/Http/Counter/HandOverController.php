<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\HandOver;
use App\Counter\KeepWorked;
use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\User;
use App\Papers\JobExport;
use App\Papers\JobSheet;
use Facelift\Anatomy\Element;
use Facelift\Document\Reason;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final readonly class HandOverController
{
    public function update(HandOverRequest $request, Job $job, HandOver $handOver): JobResource
    {
        $user = $request->user();
        $reason = $request->filled('newFaultsReason') ? $request->string('newFaultsReason')->trim()->toString() : null;

        return new JobResource(
            $handOver(
                $job,
                $request->version(),
                $request->boolean('customerTold'),
                $reason,
                $request->boolean('filmOff'),
                $request->oldParts(),
                $user instanceof User && $request->boolean('keepPhone', true) ? $user : null,
            ),
        );
    }

    /** What the repair has shown of a phone that nobody had drawn. */
    public function phoneReview(Job $job, KeepWorked $worked): JsonResponse
    {
        $review = $worked->review($job);
        $named = static fn(Element $e): array => ['id' => $e->id, 'name' => $e->name];

        return new JsonResponse(['review' => $review === null ? null : [
            'seen' => array_map($named, $review->seen),
            'met' => array_map($named, $review->met),
            'gone' => array_map($named, $review->gone),
            'contradicts' => array_map(static fn(Reason $r): array => $r->toArray(), $review->contradicts),
            'assumed' => array_map($named, $review->assumed),
            'unmeasured' => array_map($named, $review->unmeasured),
            'sections' => array_column($review->sections, 'value'),
        ]]);
    }

    public function sheet(Job $job, JobSheet $sheet): Response
    {
        return new Response($sheet->pdf($job), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $job->tag() . '.pdf"',
        ]);
    }

    /** The record of what was done at the bench: there is none before a plan. */
    public function export(Job $job, JobExport $export): JsonResponse
    {
        $record = $export->of($job);
        if ($record['plan'] === null && $record['kept'] === null) {
            throw Conflict::notReachable('There is no plan that works yet. First: Plan.');
        }

        return new JsonResponse($record, 200, [
            'Content-Disposition' => 'attachment; filename="' . $job->tag() . '.job.json"',
        ]);
    }
}
