<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;

/** JSON documents exactly as they were stored, so that an empty map does not come back as a list. */
final readonly class Documents
{
    public static function stored(Job $job, string $column): string
    {
        $raw = $job->getRawOriginal($column);

        return is_string($raw) ? $raw : 'null';
    }
}
