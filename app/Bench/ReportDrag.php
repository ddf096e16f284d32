<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Heat\BenchHeat;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Jobs\Standing;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use Facelift\Bench\Dragged;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;
use Facelift\Plan\PlanDocument;
use Illuminate\Validation\ValidationException;

/** Keeps that a blade dragged, and where; the rest of the edge is planned anew, the plan before stays in the record. */
final readonly class ReportDrag
{
    /** What a plan that a drag has changed is kept as. */
    public const KEPT_AS = 'dragged';

    public function __construct(
        private OnceAtBench $once,
        private Runs $runs,
        private Standing $standing,
        private Planning $planning,
        private BenchHeat $heat,
    ) {}

    /**
     * @param float $mm where the blade stands, from the side's left or top end
     *
     * @throws Conflict            If the job is closed, or nothing can be planned any more.
     * @throws ValidationException If no blade is at that step.
     */
    public function __invoke(
        Job $job,
        User $user,
        string $id,
        int $at,
        string $step,
        float $mm,
    ): Job {
        return ($this->once)($job, $id, $at, function (Job $locked) use ($user, $id, $at, $step, $mm): void {
            $run = $this->runs->run($locked);
            $bond = $run->plan->steps[$step]->act->move->bond ?? '';
            $source = $this->heat->source($locked, $run, $bond, $at);
            $dragged = new Dragged($run, $this->planning->condition($locked), $source);
            if (!$dragged->canBeAt($step)) {
                throw ValidationException::withMessages([
                    'step' => 'No blade is at this step now, and nothing was kept. Say it at the step that is open.',
                ]);
            }
            $plan = $dragged->from($step, $mm, $at) ?? throw Conflict::notReachable(
                'With this source the rest cannot be planned any more. The ladder under Problem says what is next.',
            );
            $this->keep(
                $locked,
                $user,
                $run,
                new Event($id, EventType::StepDone, $at, [
                    'step' => $step,
                    'felt' => 'dragged',
                    'tenths' => (int) round(10 * $mm),
                ]),
                $dragged->isBegun($step, $mm),
            );
            $locked->plan = (new PlanDocument())->json($plan);
            $this->standing->moved($locked, $this->runs->run($locked));
        });
    }

    /** @param bool $through true if enough of the pass is through to call it done */
    private function keep(
        Job $job,
        User $user,
        Run $run,
        Event $event,
        bool $through,
    ): void {
        $shared = ['id' => $event->id, 'job_id' => $job->id, 'at' => $event->at, 'user_id' => $user->id];
        $step = $run->plan->steps[$event->step()];
        PlanChange::query()->create($shared + [
            'trouble' => self::KEPT_AS,
            'subject' => $step->act->subjects[0],
            'step' => $event->step(),
            'because' => [['code' => 'blade-dragged', 'figures' => ['mm' => ($event->tenths() ?? 0) / 10]]],
            'quote' => false,
            'part' => null,
            'before' => (string) $job->plan,
        ]);
        BenchEvent::query()->create($shared + [
            'type' => $through ? $event->type : EventType::Problem,
            'data' => $through
                ? $event->data
                : ['step' => $event->step(), 'text' => 'The blade was held fast at the beginning of the pass.'],
        ]);
    }
}
