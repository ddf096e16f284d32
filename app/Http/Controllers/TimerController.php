<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\BenchStateResource;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Support\Runs;
use Facelift\Bench\EventType;
use Illuminate\Http\JsonResponse;

final readonly class TimerController
{
    public function __invoke(Runs $runs): JsonResponse
    {
        $ids = BenchEvent::query()->where('type', EventType::TimerStarted)->distinct()->pluck('job_id');
        $timers = Job::query()->whereIn('id', $ids)->whereNull('handed_over_at')->get()->flatMap(static function (Job $job) use ($runs): array {
            $plan = $runs->plan($job);
            $timers = BenchStateResource::timers($plan, $runs->state($job));

            return array_map(static fn(array $t): array => ['job' => $job->id, 'tag' => $job->tag(), 'kind' => $plan->steps[$t['step']]->kind] + $t, $timers);
        });

        return new JsonResponse(['now' => now()->getTimestampMs(), 'timers' => $timers->values()]);
    }
}
