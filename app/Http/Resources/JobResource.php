<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Job $resource */
final class JobResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $job = $this->resource;
        $user = $request->user();

        return JobHead::of($job) + [
            'version' => $job->version,
            'modelCode' => $job->model_code,
            'colour' => $job->colour,
            'imei' => $job->imei,
            'condition' => $job->condition,
            'kind' => $job->kind?->value,
            'kindReason' => $job->kind_reason,
            'part' => $job->part === null ? null : (new ShelfItemResource($job->part))->toArray($request),
            'source' => $job->plate,
            'works' => $job->plan === null ? null : ($job->plan['works'] ?? false),
            'mayWork' => $user instanceof User && $user->role !== Role::FrontDesk,
        ];
    }
}
