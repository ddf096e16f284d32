<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\Stations;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Shelf\ChoosePart;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Payer;
use Facelift\Cost\Quote;
use Facelift\Cost\QuotedPart;
use Facelift\Fit\DataDecision;
use Facelift\Fit\DataWay;
use Facelift\Plan\Guess;
use Facelift\Pricing\Option;
use Facelift\Quantity\Money;
use Facelift\Schedule\Chain;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The customer says yes: the part is reserved, the price and the promise are kept, the job goes on the bench list. */
final readonly class AcceptQuote
{
    public function __construct(
        private ChangeJob $change,
        private ChoosePart $choose,
        private Quoting $quoting,
        private Promise $promise,
        private Stations $stations,
        private PhoneHistory $history,
    ) {}

    /**
     * @param string $gross the price that the customer saw
     * @param Decided|null $data what the customer decided about the display's data; null if nothing was asked
     *
     * @throws Conflict If the price or the part has changed since, or the job was changed meanwhile.
     */
    public function __invoke(
        Job $job,
        int $version,
        string $kind,
        int $itemId,
        string $gross,
        bool $warranty,
        ?Decided $data = null,
    ): Job {
        $this->stations->mustReach('quote', $job);

        return DB::connection()->transaction(function () use (
            $job,
            $version,
            $kind,
            $itemId,
            $gross,
            $warranty,
            $data,
        ): Job {
            return $this->change->beforeBench($job, $version, function (Job $locked) use (
                $kind,
                $itemId,
                $gross,
                $warranty,
                $data,
            ): void {
                $as = ReplacementKind::tryFrom($kind);
                if ($locked->accepted_at !== null && $as !== null && self::isSame($locked, $as, $itemId, $data)) {
                    return;
                }
                if ($warranty) {
                    $this->mustBeCovered($locked);
                }
                $option = $this->option(
                    $locked,
                    $kind,
                    $itemId,
                    $gross,
                    $data?->way,
                );
                $insured = $this->insured($locked, $option, $warranty, $data?->way);
                $decision = self::decision($option, $data);
                $this->reserve($locked, $option, $itemId);
                $locked->quote = self::quote(
                    $locked,
                    $option,
                    $insured,
                    $warranty,
                    $decision,
                );
                $locked->accepted_at = Carbon::now();
                $locked->promised_at = $this->promise->of($locked, $option->plan, $itemId);
                $locked->plan = null;
                $locked->plan_works = null;
                $locked->next_step = null;
                $locked->remaining = Chain::of($option->plan)->rows();
                $locked->guessed = Guess::of($option->plan) !== null;
                $locked->heat_source = null;
                $locked->heat_reason = null;
            });
        });
    }

    /** What came back after the warranty is repaired again, and paid. */
    private function mustBeCovered(Job $job): void
    {
        $before = $job->before;
        if ($before === null || !$this->history->underWarranty($before, $job->created_at)) {
            throw ValidationException::withMessages(['warranty' => $before === null
                ? 'This phone did not come back from a job of ours: there is no warranty to use.'
                : 'It came back after the warranty of ' . $before->tag() . ' had ended.']);
        }
    }

    /** True if the very same was accepted before, the decision about the display's data with it. */
    private static function isSame(Job $job, ReplacementKind $kind, int $item, ?Decided $data): bool
    {
        return $job->quote?->isFor($kind, $item) === true && $job->quote->data?->way->way === $data?->way;
    }

    private function option(
        Job $job,
        string $kind,
        int $itemId,
        string $gross,
        ?DataWay $data,
    ): Option {
        foreach ($this->quoting->options($job) as $option) {
            if ($option->kind()->value === $kind) {
                $now = $option->charge($data)?->gross;
                if ($option->chosen?->part->item !== $itemId || $now === null) {
                    throw Conflict::quoteMoved('The part of this option is no longer free.');
                }
                if (!$now->equals(Money::of($gross))) {
                    throw Conflict::quoteMoved(sprintf('It now costs %s, not %s.', (string) $now, $gross));
                }
                if (!$option->plan->works()) {
                    throw ValidationException::withMessages([
                        'kind' => 'There is no plan that works for this option. Nothing was accepted; offer another.',
                    ]);
                }

                return $option;
            }
        }
        throw ValidationException::withMessages([
            'kind' => 'This phone has no such option. Nothing was accepted; load the quote again.',
        ]);
    }

    private function reserve(Job $locked, Option $option, int $itemId): void
    {
        $locked->kind = $option->kind();
        $this->choose->reserve($locked, $itemId);
    }

    /** What the insurer pays of it; nothing unless the insurer pays. */
    private function insured(Job $job, Option $option, bool $warranty, ?DataWay $data): Money
    {
        $charge = $option->charge($data);
        if (!$job->paidByInsurer() || $warranty || $charge === null) {
            return Money::zero();
        }
        $claim = Claim::query()->where('job_id', $job->id)->first();
        if ($claim === null || $claim->authorised === null || $claim->state === ClaimState::Asked) {
            throw ValidationException::withMessages(['claim' => 'Ask the insurer first: nothing is authorised yet.']);
        }
        if ($claim->state === ClaimState::Rejected) {
            throw ValidationException::withMessages([
                'claim'
                    => 'The insurer has rejected it. Set at Check-in that the customer pays, or hand the phone back.',
            ]);
        }

        return Money::smaller(Money::of($claim->authorised), $charge->gross);
    }

    /** @throws ValidationException If there is something to decide and nothing, or nothing that exists, was decided. */
    private static function decision(Option $option, ?Decided $data): ?DataDecision
    {
        $swap = $option->afterSwap();
        if ($data === null && ($swap->ways === [] || $swap->by(DataWay::Own) !== null)) {
            return null;
        }
        $way = $swap->by($data?->way);
        if ($way === null || $data === null) {
            throw ValidationException::withMessages([
                'data' => 'Show what will be seen of the display\'s data after the swap, and write down the decision.',
            ]);
        }

        return new DataDecision($way, $data->by);
    }

    private static function quote(
        Job $job,
        Option $option,
        Money $insured,
        bool $warranty,
        ?DataDecision $data,
    ): Quote {
        $replacement = $option->plan->basis->replacement;
        $part = $option->chosen?->part;
        $charge = $option->charge($data?->way->way);
        assert($part !== null && $charge !== null);

        return new Quote(
            $replacement->kind,
            $replacement->name,
            new QuotedPart($part->item, $part->label, $part->name),
            $option->handsOn($data?->way->way),
            $charge,
            $warranty,
            $job->paidByInsurer() ? Payer::Insurer : Payer::Customer,
            $insured,
            $option->customer($data?->way),
            $data,
        );
    }
}
