<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\User;
use App\Support\Runs;
use Facelift\Bench\Event;
use Facelift\Bench\Refusal;
use Facelift\Bench\Rules;
use Facelift\Document\Reason;
use Illuminate\Support\Facades\DB;

/** Keeps events of a run, each checked against the state that those before it leave. */
final readonly class AppendEvents
{
    public function __construct(private Runs $runs) {}

    /**
     * @param list<Event> $events
     *
     * @return array{accepted: list<string>, refused: list<array{id: string, reason: array<string, mixed>, mayPass: bool}>}
     *
     * @throws Conflict If the job has no plan that works, or is closed.
     */
    public function __invoke(Job $job, User $user, array $events): array
    {
        return DB::connection()->transaction(function () use ($job, $user, $events): array {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $kept = $this->runs->events($locked);
            $answer = ['accepted' => [], 'refused' => []];
            foreach ($events as $event) {
                $refusal = $this->keep($locked, $user, $event, $kept);
                if ($refusal === null) {
                    $answer['accepted'][] = $event->id;
                } else {
                    $answer['refused'][] = ['id' => $event->id, 'reason' => $refusal->reason->toArray(), 'mayPass' => $refusal->mayPass];
                }
            }

            return $answer;
        }, 3);
    }

    /** @param list<Event> $kept */
    private function keep(Job $job, User $user, Event $event, array &$kept): ?Refusal
    {
        $state = $this->runs->fold($job, $kept);
        if (isset($state->known[$event->id])) {
            return null;
        }
        if ($job->handed_over_at !== null) {
            throw Conflict::closed($job);
        }
        $refusal = (new Rules())->check($this->runs->plan($job), $state, $event);
        if ($refusal === null && BenchEvent::query()->whereKey($event->id)->exists()) {
            $refusal = new Refusal(new Reason('id-used'), false);
        }
        if ($refusal === null) {
            BenchEvent::query()->create(['id' => $event->id, 'job_id' => $job->id, 'type' => $event->type, 'at' => $event->at, 'data' => $event->data, 'user_id' => $user->id]);
            $kept[] = $event;
        }

        return $refusal;
    }
}
