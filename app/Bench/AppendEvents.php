<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\KeptRecord;
use App\Jobs\Runs;
use App\Jobs\Standing;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\User;
use App\Supply\BookUse;
use Facelift\Bench\Event;
use Facelift\Bench\Refusal;
use Facelift\Bench\Run;
use Illuminate\Support\Facades\DB;

/** Keeps events of a run, each checked against where those before it leave the run. */
final readonly class AppendEvents
{
    public function __construct(
        private Runs $runs,
        private Standing $standing,
        private BookUse $uses,
        private KeepPace $pace,
    ) {}

    /**
     * @param list<Event> $events
     *
     * @throws Conflict If the job has no plan that works, or is closed.
     */
    public function __invoke(Job $job, User $user, array $events): Appended
    {
        return DB::connection()->transaction(function () use ($job, $user, $events): Appended {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            $looked = KeptRecord::look(array_map(static fn(Event $e): string => $e->id, $events));
            $run = $this->runs->run($locked, $looked);
            $answer = new Appended($run);
            $rows = [];
            $kept = [];
            foreach ($events as $event) {
                $refusal = $this->refusal($locked, $answer->run, $event, $looked[$event->id]);
                if ($refusal === null && !$answer->run->knows($event->id)) {
                    $kept[] = $event;
                    $rows[] = [
                        'id' => $event->id,
                        'job_id' => $locked->id,
                        'type' => $event->type->value,
                        'at' => $event->at,
                        'data' => json_encode((object) $event->data, JSON_THROW_ON_ERROR),
                        'user_id' => $user->id,
                    ];
                }
                $answer = $refusal === null ? $answer->kept($event) : $answer->refused($event, $refusal);
            }
            if ($rows !== []) {
                BenchEvent::query()->insert($rows);
                ($this->uses)($locked->id, $answer->run, $kept);
                ($this->pace)($user, $answer->run, $kept);
                $this->standing->moved($locked, $answer->run);
                $locked->hand = $user->id;
                $locked->hand_at = array_reduce($kept, static fn(int $at, Event $e): int => max($at, $e->at), 0);
                // It was asked to begin, and has begun.
                $locked->pin_at = null;
                $locked->save();
            }

            return $answer;
        }, 3);
    }

    /** @param string $there job that an event with this id is there for; '' for none */
    private function refusal(Job $job, Run $run, Event $event, string $there): ?Refusal
    {
        if ($run->knows($event->id)) {
            return null;
        }
        if ($job->handed_over_at !== null) {
            throw Conflict::closed($job);
        }

        return Moment::refusal($job, $event->at)
            ?? $run->refusal($event)
            ?? (in_array($there, ['', $job->id], true) ? null : Refusal::never('id-used'));
    }
}
