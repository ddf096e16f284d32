<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\HandOver;
use App\Models\Job;
use App\Models\User;
use App\Papers\JobExport;
use App\Papers\JobSheet;
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
                $user instanceof User ? $user : null,
            ),
        );
    }

    public function sheet(Job $job, JobSheet $sheet): Response
    {
        return new Response($sheet->pdf($job), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $job->tag() . '.pdf"',
        ]);
    }

    public function export(Job $job, JobExport $export): JsonResponse
    {
        return new JsonResponse($export->of($job), 200, [
            'Content-Disposition' => 'attachment; filename="' . $job->tag() . '.job.json"',
        ]);
    }
}
