<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\Runs;
use App\Jobs\Standing;
use App\Models\BenchEvent;
use App\Models\ChipTry;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\Consequence;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Trouble;
use Facelift\Document\Reason;
use Facelift\Plan\PlanDocument;
use Illuminate\Validation\ValidationException;

/** Keeps a trouble, and the plan anew from where the phone now stands; the plan before it stays in the record. */
final readonly class ReportTrouble
{
    public function __construct(private OnceAtBench $once, private Runs $runs, private Standing $standing) {}

    /**
     * @throws Conflict            If the job is closed.
     * @throws ValidationException If this cannot happen at that step.
     */
    public function __invoke(
        Job $job,
        User $user,
        string $id,
        int $at,
        string $step,
        string $trouble,
        string $subject,
    ): Job {
        $told = function (Job $locked) use ($user, $id, $at, $step, $trouble, $subject): void {
            $run = $this->runs->run($locked);
            $consequence = (new Aftermath($run->plan))->at($step, $trouble, $subject)
                ?? throw ValidationException::withMessages([
                    'trouble' => 'This cannot happen at this step. Nothing was kept; say it where it happened.',
                ]);
            $event = new Event($id, EventType::Trouble, $at, [
                'step' => $step,
                'kind' => $trouble,
                'subject' => $subject,
            ]);
            $this->keep($locked, $user, $event, $consequence);
            if ($consequence->trouble === Trouble::ChipFailed) {
                ChipTry::query()->firstOrCreate(['job_id' => $locked->id], ['works' => false]);
            }
            $plan = (new Amendment($run))->of($consequence);
            $locked->plan = (new PlanDocument())->json($plan);
            $this->standing->moved($locked, $run->under($plan)->with($event));
        };

        return ($this->once)($job, $id, $at, $told);
    }

    private function keep(Job $job, User $user, Event $event, Consequence $consequence): void
    {
        $shared = ['id' => $event->id, 'job_id' => $job->id, 'at' => $event->at, 'user_id' => $user->id];
        PlanChange::query()->create($shared + [
            'trouble' => $event->text('kind'),
            'subject' => $event->text('subject'),
            'step' => $event->step(),
            'because' => array_map(static fn(Reason $r): array => $r->toArray(), $consequence->because),
            'quote' => $consequence->quote,
            'part' => $consequence->part,
            'before' => (string) $job->plan,
        ]);
        BenchEvent::query()->create($shared + ['type' => EventType::Trouble, 'data' => $event->data]);
    }
}
