<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Heat\BenchHeat;
use App\Jobs\Runs;
use App\Models\Job;
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
