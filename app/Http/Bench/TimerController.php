<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\RunningClock;
use Illuminate\Http\JsonResponse;

final readonly class TimerController
{
    public function __invoke(): JsonResponse
    {
        $open = RunningClock::query()
            ->with('job:id,number')
            ->whereHas('job', static fn($q) => $q->whereNull('handed_over_at'))
            ->orderBy('since')
            ->get();

        return new JsonResponse([
            'now' => now()->getTimestampMs(),
            'timers' => $open
                ->map(
                    static fn(RunningClock $c): array => [
                        'job' => $c->job_id,
                        'tag' => $c->job->tag(),
                        'kind' => $c->kind,
                        'step' => $c->step,
                        'at' => $c->since,
                        'seconds' => $c->lift_at === null ? $c->seconds : ($c->lift_at - $c->since) / 1000,
                    ],
                )
                ->values(),
        ]);
    }
}
