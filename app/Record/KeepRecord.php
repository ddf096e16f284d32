<?php

declare(strict_types=1);

namespace App\Record;

use App\Heat\BenchHeat;
use App\Jobs\KeptRecord;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\CameBack;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\PlanChange;
use App\Models\ShelfItem;
use Facelift\Bench\Event;
use Facelift\Bench\Felt;
use Facelift\Bench\Run;
use Facelift\Bench\SeenPass;
use Facelift\Bench\SeenPasses;
use Facelift\Bench\StepTime;
use Facelift\Bench\StepTimes;
use Facelift\Bench\Trouble;
use Facelift\Cost\Line;
use Facelift\Cut\Passes;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\Source;
use Facelift\Plan\StepKind;
use Facelift\Quantity\Money;
use Facelift\Record\PassAsSeen;
use Illuminate\Support\Carbon;

/**
 * Keeps what a job teaches when it is handed over, and that it came back: in the transactions that hand it over and
 * open it again.
 */
final readonly class KeepRecord
{
    public function __construct(
        private Runs $runs,
        private Planning $planning,
        private BenchHeat $heat,
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
        $this->learnt->minutes($job->hand ?? $job->opened_by, $run->plan->basis->phone->family, $times);
        $this->contacts($job, $run);
        foreach ($this->passes($job, $run) as $passes) {
            $this->learnt->passes(
                $passes[0]->adhesive,
                $passes[0]->state,
                max(array_map(static fn(SeenPass $p): float => $p->off, $passes)),
                array_map(self::seen(...), $passes),
            );
        }
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
        $free = $job->quote === null || $job->quote->warranty;

        return new JobFact([
            'job_id' => $job->id,
            'number' => $job->number,
            'closed_at' => $closed,
            'way' => self::way($run),
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

    /** How the bond of what was replaced was made again. */
    private static function way(Run $run): string
    {
        $way = 'none';
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $step) {
            $bond = $step->kind() === StepKind::LaySeal
                ? $run->plan->basis->phone->bonds[$step->act->subjects[0]] ?? null
                : null;
            if ($bond !== null && ($way === 'none' || $run->plan->basis->replaces($bond->lifted()))) {
                $way = in_array($step->id, $run->notRenewed(), true)
                    ? 'not-renewed'
                    : ($run->plan->sealing->seals[$bond->id] ?? null)?->way->value ?? 'none';
            }
        }

        return $way;
    }

    /** @return list<non-empty-list<SeenPass>> by bond */
    private function passes(Job $job, Run $run): array
    {
        $done = array_map(static fn(Event $e): int => $e->at, $run->state->done);
        $now = $done === [] ? 0 : max($done);
        $seen = new SeenPasses(
            $run,
            $this->planning->condition($job),
            fn(string $bond): Source => $this->heat->source($job, $run, $bond, $now),
        );
        $byBond = [];
        foreach ($seen->all() as $pass) {
            $byBond[$pass->bond][] = $pass;
        }

        return array_values($byBond);
    }

    /** What readings have told of the source, bond by bond. */
    private function contacts(Job $job, Run $run): void
    {
        $done = array_map(static fn(Event $e): int => $e->at, $run->state->done);
        $now = $done === [] ? 0 : max($done);
        foreach (array_keys($run->plan->sealing->openings) as $bond) {
            $fit = $this->heat->fitted($job, $run, $bond, $now);
            if ($fit !== null) {
                $at = Carbon::createFromTimestampMs($now);
                $this->learnt->contact($job->id, $run->plan->basis->source->kind, $at, $fit);
            }
        }
    }

    private static function seen(SeenPass $pass): PassAsSeen
    {
        $helps = $pass->wet ? PaceCurve::ALCOHOL : 0.0;

        return new PassAsSeen(
            max(1.0, $pass->mm),
            max(1.0, $pass->seconds - Passes::PICK),
            $pass->starts + $helps,
            $pass->ends + $helps,
            $pass->felt === null ? null : $pass->felt === Felt::Dragged,
        );
    }

    private static function cents(Money $amount): int
    {
        return (int) round(100 * (float) (string) $amount->toCents());
    }
}
