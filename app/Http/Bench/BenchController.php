<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\AppendEvents;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;

final readonly class BenchController
{
    public function __construct(private Runs $runs) {}

    public function show(Job $job): JsonResponse
    {
        return new JsonResponse(BenchStateResource::of($this->runs->run($job)));
    }

    public function store(EventsRequest $request, Job $job, AppendEvents $append): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $answer = $append($job, $user, $request->events());
        $refused = array_map(
            static fn(array $r): array => [
                'id' => $r[0],
                'reason' => $r[1]->reason->toArray(),
                'kind' => $r[1]->kind->value,
                'mayPass' => $r[1]->mayPass(),
            ],
            $answer->refused,
        );

        return new JsonResponse([
            'accepted' => $answer->accepted,
            'refused' => $refused,
            'state' => BenchStateResource::of($answer->run),
        ]);
    }
}
