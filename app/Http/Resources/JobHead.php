<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use App\Support\PhoneLibrary;
use App\Support\Runs;
use App\Support\Stations;

/** What a list of jobs and the top bar of one job both show. */
final readonly class JobHead
{
    /** @return array<string, mixed> */
    public static function of(Job $job): array
    {
        // A closed job needs no fold: everything in it is done.
        $standing = $job->handed_over_at === null ? app(Runs::class)->standing($job) : null;

        return [
            'id' => $job->id,
            'tag' => $job->tag(),
            'phone' => ['id' => $job->phone, 'name' => app(PhoneLibrary::class)->phone($job->phone)->identity->name()],
            'customer' => $job->customer,
            'stations' => app(Stations::class)->of($job, $standing[0] ?? null, $standing[1] ?? null),
            'promisedAt' => $job->promised_at?->toIso8601ZuluString(),
            'handedOverAt' => $job->handed_over_at?->toIso8601ZuluString(),
            'closedAs' => $job->closed_as,
            'openedAt' => $job->created_at->toIso8601ZuluString(),
        ];
    }
}
