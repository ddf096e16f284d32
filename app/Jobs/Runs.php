<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Place;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Fold;
use Facelift\Bench\Happened;
use Facelift\Bench\Moisture;
use Facelift\Bench\Proofs;
use Facelift\Bench\Run;
use Facelift\Document\Unreadable;
use Facelift\Heat\SourceReader;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanReader;
use Facelift\Proof\How;
use Illuminate\Support\Facades\DB;

/** The run of a job at the bench: its plan, read once in a request, and its events, folded once. */
final class Runs
{
    /** What a fold is made of: nothing else is taken out of the table. */
    private const FOLDED = [
        Fold::class,
        Event::class,
        EventType::class,
        Happened::class,
        Moisture::class,
        Place::class,
        Proofs::class,
        How::class,
    ];

    /** The place in the order of arrival of the latest event of a job; 0 if there is none. */
    private const UPTO = 'cast(coalesce((select max(seq) from bench_events where job_id = ?), 0) as unsigned)';

    /** @var array<string, Plan> by the stored text: a plan that is written anew is another */
    private array $plans = [];

    public function __construct(private readonly PhoneLibrary $phones) {}

    /**
     * @throws Conflict   If there is no plan that works.
     * @throws Unreadable If the stored plan cannot be read, not even as an earlier form.
     */
    public function plan(Job $job): Plan
    {
        $plan = $job->plan === null ? null : $this->read($job);
        if ($plan === null || !$plan->works()) {
            throw Conflict::notReachable('There is no plan that works yet. First: Plan.');
        }

        return $plan;
    }

    /** @throws Unreadable If the stored plan cannot be read, not even as an earlier form. */
    public function read(Job $job): Plan
    {
        $key = md5($job->phone . (string) $job->plan, true);
        if (!isset($this->plans[$key])) {
            $source = $job->heat_source === null ? null : (new SourceReader())->read($job->heat_source);
            $document = json_decode((string) $job->plan, true, 64, JSON_THROW_ON_ERROR);
            $this->plans[$key] = (new PlanReader())->read($document, $this->phones->phone($job->phone), $source);
        }

        return $this->plans[$key];
    }

    /**
     * The run as it stands: from what was folded and kept if that is of this plan and of all events, else folded anew.
     *
     * @param array<string, string> $looked ids of events that are about to come, as `KeptRecord::look` has them
     *
     * @throws Conflict   If there is no plan that works.
     * @throws Unreadable If the stored plan cannot be read.
     */
    public function run(Job $job, array $looked = []): Run
    {
        $plan = $this->plan($job);
        $record = KeptRecord::of($job->id, $looked);
        $fold = $this->kept($job);

        return $fold === null ? Run::on($plan, $record) : Run::from($plan, $fold, $record);
    }

    /** Keeps what the run comes to. Called in the transaction that keeps its events, after them; the job is locked. */
    public function keep(Job $job, Run $run): void
    {
        DB::statement(
            'replace into run_folds (job_id, version, plan, upto, fold) select ?, ?, ?, ' . self::UPTO . ', ?',
            [$job->id, Fold::VERSION, md5((string) $job->plan), $job->id, serialize($run->fold())],
        );
    }

    /** Null if nothing was kept, or it is of another plan, another version, or of other events than there are. */
    private function kept(Job $job): ?Fold
    {
        $row = DB::selectOne(
            'select version, plan, upto, fold, ' . self::UPTO . ' as last from run_folds where job_id = ?',
            [$job->id, $job->id],
        );
        if (!$row instanceof \stdClass || $row->version !== Fold::VERSION || $row->plan !== md5((string) $job->plan)) {
            return null;
        }
        $fold = $row->upto === $row->last && is_string($row->fold)
            ? unserialize($row->fold, ['allowed_classes' => self::FOLDED])
            : null;

        return $fold instanceof Fold ? $fold : null;
    }
}
