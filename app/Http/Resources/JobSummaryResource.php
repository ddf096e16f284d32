<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Job $resource */
final class JobSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return JobHead::of($this->resource) + ['observations' => $this->resource->condition['observations'] ?? []];
    }
}
