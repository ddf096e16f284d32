<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Support\BenchHeat;
use Illuminate\Http\JsonResponse;

final readonly class BenchHeatController
{
    public function __invoke(Job $job, string $bond, BenchHeat $heat): JsonResponse
    {
        $now = now()->getTimestampMs();

        return new JsonResponse(['now' => $now, 'heat' => $heat->of($job, $bond, $now)]);
    }
}
