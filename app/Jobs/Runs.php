<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Bench\Event;
use Facelift\Bench\Run;
use Facelift\Document\Unreadable;
use Facelift\Heat\SourceReader;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanReader;
use Illuminate\Support\Facades\DB;

/** The run of a job at the bench: its plan, read once in a request, and its events, folded once. */
final class Runs
{
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
     * @throws Conflict   If there is no plan that works.
     * @throws Unreadable If the stored plan cannot be read.
     */
    public function run(Job $job): Run
    {
        return Run::of($this->plan($job), $this->events($job));
    }

    /** @return list<Event> */
    private function events(Job $job): array
    {
        $events = [];
        // Bare rows: a long record has thousands, and a model for each would cost more than folding them.
        foreach (
            DB::table('bench_events')
                ->where('job_id', $job->id)
                ->orderBy('at')
                ->orderBy('id')
                ->get(['id', 'type', 'at', 'data']) as $row
        ) {
            $events[] = BenchEvent::read($row);
        }

        return $events;
    }
}
