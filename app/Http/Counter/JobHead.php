<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Jobs\Stations;
use App\Models\Job;
use App\Phones\PhoneLibrary;

/** What a list of jobs and the top bar of one job both show. */
final readonly class JobHead
{
    /** @return array<string, mixed> */
    public static function of(Job $job): array
    {
        return [
            'id' => $job->id,
            'tag' => $job->tag(),
            'phone' => ['id' => $job->phone, 'name' => app(PhoneLibrary::class)->nameOf($job->phone)],
            'customer' => $job->customer,
            'stations' => app(Stations::class)->of($job),
            'promisedAt' => $job->promised_at?->toIso8601ZuluString(),
            'comesOn' => $job->comes_on?->toDateString(),
            'handedOverAt' => $job->handed_over_at?->toIso8601ZuluString(),
            'closedAs' => $job->closed_as,
            'openedAt' => $job->created_at->toIso8601ZuluString(),
        ];
    }
}
