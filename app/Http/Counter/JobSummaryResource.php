<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Models\Job;
use Facelift\Condition\Observation;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Job $resource */
final class JobSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $kept = $this->resource->condition['observations'] ?? [];
        // A word that cannot be read is the job's own affair: the list shows the others.
        $seen = array_filter(
            is_array($kept) ? $kept : [],
            static fn(mixed $o): bool => is_string($o) && Observation::tryFrom($o) !== null,
        );

        return JobHead::of($this->resource) + ['observations' => array_values($seen)];
    }
}
