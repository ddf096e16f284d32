<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use App\Support\Documents;
use App\Support\PhoneLibrary;
use App\Support\Runs;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\EventType;
use Facelift\Document\Reason;
use Facelift\Plan\PlanDocument;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Keeps a trouble, and the plan anew from where the phone now stands; the plan before it stays in the record. */
final readonly class ReportTrouble
{
    public function __construct(private Runs $runs, private PhoneLibrary $phones) {}

    /**
     * @throws Conflict            If the job is closed.
     * @throws ValidationException If this cannot happen at that step.
     */
    public function __invoke(Job $job, User $user, string $id, int $at, string $step, string $trouble, string $subject): Job
    {
        return DB::connection()->transaction(function () use ($job, $user, $id, $at, $step, $trouble, $subject): Job {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            if (PlanChange::query()->whereKey($id)->where('job_id', $locked->id)->exists()) {
                return $locked;
            }
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            $plan = $this->runs->plan($locked);
            $consequence = (new Aftermath($this->phones->phone($locked->phone), $plan))->at($step, $trouble, $subject) ?? throw ValidationException::withMessages(['trouble' => 'This cannot happen at this step.']);
            $state = $this->runs->state($locked);
            $before = Documents::stored($locked, 'plan');
            PlanChange::query()->create(['id' => $id, 'job_id' => $locked->id, 'at' => $at, 'trouble' => $trouble, 'subject' => $subject, 'step' => $step, 'because' => array_map(static fn(Reason $r): array => $r->toArray(), $consequence->because), 'quote' => $consequence->quote, 'part' => $consequence->part, 'before' => $before, 'user_id' => $user->id]);
            BenchEvent::query()->create(['id' => $id, 'job_id' => $locked->id, 'type' => EventType::Trouble, 'at' => $at, 'data' => ['step' => $step, 'kind' => $trouble, 'subject' => $subject], 'user_id' => $user->id]);
            $locked->plan = (new PlanDocument())->json((new Amendment())->of($locked->plan ?? [], $state, $consequence));
            ++$locked->version;
            $locked->save();

            return $locked;
        }, 3);
    }
}
