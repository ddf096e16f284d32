<?php

declare(strict_types=1);

namespace App\Record;

use App\Jobs\KeptRecord;
use App\Jobs\Runs;
use App\Models\CameBack;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\PlanChange;
use App\Models\ShelfItem;
use Facelift\Anatomy\Family;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;
use Facelift\Bench\StepTime;
use Facelift\Bench\StepTimes;
use Facelift\Bench\Trouble;
use Facelift\Cost\Line;
use Facelift\Plan\StepKind;
use Facelift\Quantity\Money;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what a job teaches when it is handed over, and that it came back: in the transactions that hand it over and
 * open it again.
 */
final readonly class KeepRecord
{
    public function __construct(
        private Runs $runs,
        private Sums $sums,
        private KeepLearnt $learnt,
    ) {}

    /** The same again keeps nothing twice. */
    public function handedOver(Job $job): void
    {
        if ($job->handed_over_at === null || JobFact::query()->whereKey($job->id)->exists()) {
            return;
        }
        $run = $this->runs->run($job);
        $times = StepTimes::of($run, KeptRecord::of($job->id)->all());
        $fact = $this->fact($job, Carbon::instance($job->handed_over_at), $run, $times);
        $fact->save();
        $this->sums->add($fact);
        $this->minutes($job, $run->plan->basis->phone->family, $times);
        // Following its heat takes longer than whoever hands over should wait for.
        defer(static fn() => app(LearnFromHeat::class)->of($fact->job_id));
    }

    /** Once: how often it comes back after that is of the jobs that follow. */
    public function cameBack(Job $before, CameBack $what): void
    {
        $fact = JobFact::query()->lockForUpdate()->find($before->id);
        if ($fact === null || $fact->back_days !== null) {
            return;
        }
        $fact->update([
            'back_days' => (int) $fact->closed_at->diffInDays(Carbon::now(), true),
            'back_what' => $what,
        ]);
    }

    public function partFailed(ShelfItem $part): void
    {
        $this->sums->partFailed($part->supplier, $part->batch, $part->kind->value, Carbon::now());
    }

    /**
     * Each step counts for whoever told it.
     *
     * @param list<StepTime> $times
     */
    private function minutes(Job $job, Family $family, array $times): void
    {
        $by = DB::table('bench_events')
            ->where('job_id', $job->id)
            ->where('type', EventType::StepDone->value)
            ->pluck('user_id', 'id');
        $people = [];
        foreach ($times as $time) {
            $user = $by[$time->event] ?? null;
            $people[is_numeric($user) ? (int) $user : $job->opened_by][] = $time;
        }
        ksort($people);
        foreach ($people as $user => $told) {
            $this->learnt->minutes($user, $family, $told);
        }
    }

    /** @param list<StepTime> $times */
    private function fact(Job $job, Carbon $closed, Run $run, array $times): JobFact
    {
        $inside = $job->quote?->charge->inside;
        $cost = static fn(string ...$codes): Money => Money::sum(...array_map(
            static fn(Line $l): Money => in_array($l->code, $codes, true) ? $l->amount : Money::zero(),
            $inside->lines ?? [],
        ));
        $told = array_filter($times, static fn(StepTime $t): bool => !$t->interrupted);
        $done = array_map(static fn(Event $e): int => $e->at, $run->state->done);
        $troubles = PlanChange::query()->where('job_id', $job->id)->pluck('trouble');
        [$way, $adhesive] = self::sealed($run);
        $free = $job->quote === null || $job->quote->warranty;

        return new JobFact([
            'job_id' => $job->id,
            'number' => $job->number,
            'closed_at' => $closed,
            'way' => $way,
            'adhesive' => $adhesive,
            'learnt' => false,
            'supplier' => $job->part->supplier ?? '',
            'kind' => $job->kind->value ?? '',
            'phone' => $job->phone,
            'technician' => (string) $job->hand,
            'batch' => $job->part->batch ?? '',
            'gross' => $free ? 0 : self::cents($job->quote->charge->gross),
            'net' => $free ? 0 : self::cents($job->quote->charge->net),
            'tax' => $free ? 0 : self::cents($job->quote->charge->tax),
            'part' => self::cents($cost('part')),
            'consumables' => self::cents($cost(
                'tape',
                'seal',
                'glue',
                'kit',
                'sundries',
                'further',
            )),
            'warranty' => $job->quote->warranty ?? false,
            'planned' => (int) round(array_sum(array_map(static fn(StepTime $t): float => $t->planned, $told))),
            'taken' => $told === []
                ? null
                : (int) round(array_sum(array_map(static fn(StepTime $t): float => $t->taken, $told))),
            'torn' => $troubles->contains(Trouble::FlexTorn->value),
            'ruined' => $troubles->contains(Trouble::Delamination->value),
            'promised_at' => $job->promised_at,
            'ready_at' => $done === [] ? null : Carbon::createFromTimestampMs(max($done)),
        ]);
    }

    /** @return array{string, string} how the bond of what was replaced was made again, and with which make */
    private static function sealed(Run $run): array
    {
        [$way, $with] = ['none', null];
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $step) {
            $bond = $step->kind() === StepKind::LaySeal
                ? $run->plan->basis->phone->bonds[$step->act->subjects[0]] ?? null
                : null;
            if ($bond !== null && ($way === 'none' || $run->plan->basis->replaces($bond->lifted()))) {
                $with = $run->state->done[$step->id]->id;
                $way = in_array($step->id, $run->notRenewed(), true)
                    ? 'not-renewed'
                    : ($run->plan->sealing->seals[$bond->id] ?? null)?->way->value ?? 'none';
            }
        }

        return [$way, $with === null ? '' : SealedWith::of($with)];
    }

    private static function cents(Money $amount): int
    {
        return (int) round(100 * (float) (string) $amount->toCents());
    }
}
