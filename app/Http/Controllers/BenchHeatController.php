<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Support\BenchHeat;
use App\Support\Runs;
use Illuminate\Http\JsonResponse;

final readonly class BenchHeatController
{
    public function __invoke(Job $job, string $bond, Runs $runs, BenchHeat $heat): JsonResponse
    {
        $now = now()->getTimestampMs();
        $run = $runs->run($job);
        $known = isset($run->plan->sealing->openings[$bond]);

        return new JsonResponse(['now' => $now, 'heat' => $known ? $heat->of($job, $run, $bond, $now) : null]);
    }
}
