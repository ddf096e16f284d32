<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Models\Job;
use App\Papers\CounterPapers;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

final readonly class ReceiptController
{
    public function update(ReceiptRequest $request, Job $job, ChangeJob $change): JobResource
    {
        if ($job->condition === null) {
            throw Conflict::notReachable('The condition is not written down yet. First: Check-in.');
        }

        return new JobResource(
            $change->atAnyTime($job, $request->version(), static function (Job $locked) use ($request): void {
                $signed = ['name' => $request->string('name')->trim()->toString(), 'strokes' => $request->strokes()];
                // As it is kept: whole figures come back without their point.
                $kept = json_encode(array_diff_key($locked->receipt ?? [], ['at' => true]), JSON_THROW_ON_ERROR);
                if ($kept !== json_encode($signed, JSON_THROW_ON_ERROR)) {
                    $locked->receipt = $signed + ['at' => Carbon::now()->toIso8601ZuluString()];
                }
            }),
        );
    }

    public function pdf(Job $job, CounterPapers $papers): Response
    {
        return new Response($papers->receipt($job), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $job->tag() . '-receipt.pdf"',
        ]);
    }
}
