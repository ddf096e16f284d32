<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\BenchEvent;
use App\Models\Job;
use App\Support\RunningClocks;
use Facelift\Bench\EventType;
use Illuminate\Http\JsonResponse;

final readonly class TimerController
{
    public function __invoke(RunningClocks $clocks): JsonResponse
    {
        $now = now()->getTimestampMs();
        $ids = BenchEvent::query()->where('type', EventType::TimerStarted)->distinct()->pluck('job_id');
        $timers = Job::query()->whereIn('id', $ids)->whereNull('handed_over_at')->get()->flatMap(static fn(Job $job): array => $clocks->of($job, $now));

        return new JsonResponse(['now' => $now, 'timers' => $timers->values()]);
    }
}
