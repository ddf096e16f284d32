<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\AppendEvents;
use App\Bench\MakePlan;
use App\Counter\AcceptQuote;
use App\Counter\Decided;
use App\Counter\OpenJob;
use App\Counter\Quoting;
use App\Jobs\ChangeJob;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Models\User;
use App\Phones\PhoneLibrary;
use App\Shelf\ChoosePart;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** What counter and bench do with a phone of the demo, by the same actions that they use. */
final class DemoWork
{
    /** Time between the counter and the bench, ms. */
    private const COUNTER = 300_000;

    private User $user;

    public function __construct(
        private readonly OpenJob $open,
        private readonly AcceptQuote $accept,
        private readonly Quoting $quoting,
        private readonly ChangeJob $change,
        private readonly ChoosePart $choosePart,
        private readonly MakePlan $makePlan,
        private readonly AppendEvents $append,
        private readonly PhoneLibrary $phones,
        private readonly Runs $runs,
        private readonly DemoDisplays $displays,
    ) {}

    /** Whoever does what follows. */
    public function by(User $user): self
    {
        $this->user = $user;

        return $this;
    }

    /**
     * @param list<string>                   $seen
     * @param list<string>                   $fails
     * @param list<list<array{int, int}>>    $cracks
     */
    public function job(
        string $phone,
        string $code,
        string $colour,
        string $customer,
        array $seen,
        array $fails,
        array $cracks,
        ?string $imei = null,
        string $payer = 'customer',
    ): Job {
        $job = $this->open->__invoke($this->user, [
            'id' => Str::uuid()->toString(),
            'phone' => $phone,
            'modelCode' => $code,
            'colour' => $colour,
            'customer' => $customer,
            'imei' => $imei,
        ]);
        $locked = ['fingerprint', 'face-unlock'];
        $functions = array_map(
            static fn(PhoneFunction $f): array => [
                'function' => $f->value,
                'state' => in_array($f->value, $fails, true)
                    ? 'fails'
                    : (in_array($f->value, $locked, true)
                        ? 'cannot-test'
                        : 'works'),
            ],
            $this->phones->phone($phone)->functions(),
        );
        $condition = [
            'observations' => $seen,
            'marks' => array_map(
                static fn(array $points): array => [
                    'kind' => 'crack',
                    'face' => 'front',
                    'points' => array_map(static fn(array $p): array => ['x' => $p[0], 'y' => $p[1]], $points),
                ],
                $cracks,
            ),
            'functions' => $functions,
            'repairSigns' => [],
            'takenOut' => ['sim-tray'],
            'canSwitchOff' => true,
            'dataNeeded' => false,
            'checks' => [],
            'payer' => $payer,
        ];

        return $this->change->beforeBench($job, $job->version, static function (Job $j) use ($condition): void {
            $j->condition = $condition;
        });
    }

    /** @param array<string, mixed> $source as it is sent */
    public function planned(
        Job $job,
        ReplacementKind $kind,
        string $label,
        array $source = ['kind' => 'plate', 'set' => 85],
    ): Job {
        $job = $this->change->beforeBench($job, $job->version, static function (Job $j) use ($kind): void {
            $j->kind = $kind;
        });
        $job = $this->choosePart->__invoke(
            $job,
            $job->version,
            ShelfItem::query()->where('label', $label)->firstOrFail()->id,
        );

        $job = $this->accepted($job, $kind);

        return $this->makePlan->__invoke($job, $job->version, $source);
    }

    /** @param array<string, mixed> $source as it is sent */
    public function planAnew(Job $job, array $source): Job
    {
        return $this->makePlan->__invoke($job, $job->version, $source);
    }

    /** Accepted with a part that is on its way. */
    public function ordered(Job $job, ReplacementKind $kind): Job
    {
        $job = $this->change->beforeBench($job, $job->version, static function (Job $j) use ($kind): void {
            $j->kind = $kind;
        });

        return $this->accepted($job, $kind);
    }

    /** Worked up to a step whose clock has been running for so many s. */
    public function clockRuns(Job $job, int $steps, Step $step, int $since): void
    {
        $this->done($job, $steps, $since);
        $at = now()->getTimestampMs() - 1000 * $since;
        $this->append->__invoke(
            $job->refresh(),
            $this->user,
            [$this->event(EventType::TimerStarted, $at, ['step' => $step->id])],
        );
    }

    public function chosen(Job $job, ReplacementKind $kind, string $label): Job
    {
        $job = $this->change->beforeBench($job, $job->version, static function (Job $j) use ($kind): void {
            $j->kind = $kind;
        });

        return $this->choosePart->__invoke(
            $job,
            $job->version,
            ShelfItem::query()->where('label', $label)->firstOrFail()->id,
        );
    }

    public function accepted(Job $job, ReplacementKind $kind): Job
    {
        foreach ($this->quoting->options($job) as $option) {
            if ($option->kind() === $kind && $option->chosen !== null && $option->priced !== null) {
                $gross = (string) $option->priced->price->gross;
                $usual = $option->afterSwap()->usual();

                return ($this->accept)(
                    $job,
                    $job->version,
                    $kind->value,
                    $option->chosen->part->item,
                    $gross,
                    false,
                    $usual === null ? null : new Decided($usual->way, $job->customer),
                );
            }
        }
        throw new \LogicException($job->tag() . ' has no option ' . $kind->value);
    }

    /** How many steps lie before the nth stretch that is cut. */
    public function beforeCut(Job $job, int $nth): int
    {
        $cut = 0;
        foreach (array_values($this->runs->plan($job)->steps) as $at => $step) {
            $cut += $step->act->kind === StepKind::CutPass ? 1 : 0;
            if ($cut === $nth) {
                return $at;
            }
        }
        throw new \LogicException($job->tag() . ' has no cut ' . $nth);
    }

    /**
     * Works through the plan, step by step in the time that is planned, so that the last was done so many seconds
     * ago.
     */
    public function done(Job $job, int $steps, int $ago): void
    {
        $plan = $this->runs->plan($job);
        $worked = array_slice($plan->steps, 0, $steps);
        $took = array_sum(array_map(static fn(Step $s): float => $s->manner->hands + $s->manner->wait, $worked));
        $at = now()->getTimestampMs() - (int) (1000 * ($took + $ago));
        $this->cameIn($job, $at - self::COUNTER);
        $events = [];
        foreach ($worked as $step) {
            $at += (int) (1000 * $step->manner->hands);
            if ($step->waits()) {
                $events[] = $this->event(EventType::TimerStarted, $at, ['step' => $step->id]);
                $at += (int) $step->manner->wait * 1000;
            }
            if ($step->isByProgrammer()) {
                $this->append->__invoke($job, $this->user, $events);
                $events = [];
                $this->displays->transfer($job->refresh(), $this->user, $step->kind(), $at);
            }
            $gate = $step->act->gate;
            foreach ($gate === null ? [] : $plan->gates[$gate->value]->functions as $function) {
                assert($gate !== null);
                $needsOwner = in_array($function, [PhoneFunction::Fingerprint, PhoneFunction::FaceUnlock], true);
                $events[] = $this->event(EventType::Test, $at, [
                    'gate' => $gate->value,
                    'function' => $function->value,
                    'outcome' => $needsOwner ? 'not-possible' : 'pass',
                ]);
            }
            $events[] = $this->event(EventType::StepDone, $at, ['step' => $step->id]);
        }
        $this->append->__invoke($job, $this->user, $events);
    }

    /** The phone came over the counter before it was worked on. */
    private function cameIn(Job $job, int $at): void
    {
        if ($job->created_at->getTimestampMs() > $at) {
            Job::query()->whereKey($job->id)->update(['created_at' => Carbon::createFromTimestampMs($at)]);
        }
    }

    /** @param array<string, string> $data */
    private function event(EventType $type, int $at, array $data): Event
    {
        return new Event(Str::uuid()->toString(), $type, $at, $data);
    }
}
