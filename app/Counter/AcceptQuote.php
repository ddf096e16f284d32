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
use Facelift\Pricing\Option;
use Facelift\Quantity\Money;
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
    ) {}

    /**
     * @param string $gross the price that the customer saw
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
    ): Job {
        $this->stations->mustReach('quote', $job);

        return DB::connection()->transaction(function () use ($job, $version, $kind, $itemId, $gross, $warranty): Job {
            return $this->change->beforeBench($job, $version, function (Job $locked) use (
                $kind,
                $itemId,
                $gross,
                $warranty,
            ): void {
                $as = ReplacementKind::tryFrom($kind);
                if ($locked->accepted_at !== null && $as !== null && $locked->quote?->isFor($as, $itemId) === true) {
                    return;
                }
                if ($warranty && $locked->comeback_of === null) {
                    throw ValidationException::withMessages([
                        'warranty' => 'This phone did not come back from a job of ours: there is no warranty to use.',
                    ]);
                }
                $option = $this->option($locked, $kind, $itemId, $gross);
                $insured = $this->insured($locked, $option, $warranty);
                $this->reserve($locked, $option, $itemId);
                $locked->quote = self::quote($locked, $option, $insured, $warranty);
                $locked->accepted_at = Carbon::now();
                $locked->promised_at = $this->promise->of($locked, $option->plan);
                $locked->plan = null;
                $locked->plan_works = null;
                $locked->next_step = null;
                $locked->heat_source = null;
                $locked->heat_reason = null;
            });
        });
    }

    private function option(Job $job, string $kind, int $itemId, string $gross): Option
    {
        foreach ($this->quoting->options($job) as $option) {
            if ($option->kind()->value === $kind) {
                if ($option->chosen?->part->item !== $itemId || $option->priced === null) {
                    throw Conflict::quoteMoved('The part of this option is no longer free.');
                }
                $now = $option->priced->price->gross;
                if (!$now->equals(Money::of($gross))) {
                    throw Conflict::quoteMoved(sprintf('It now costs %s, not %s.', (string) $now, $gross));
                }
                if (!$option->plan->works()) {
                    throw ValidationException::withMessages(['kind' => 'There is no plan that works for this option.']);
                }

                return $option;
            }
        }
        throw ValidationException::withMessages(['kind' => 'This phone has no such option.']);
    }

    private function reserve(Job $locked, Option $option, int $itemId): void
    {
        $locked->kind = $option->kind();
        $this->choose->reserve($locked, $itemId);
    }

    /** What the insurer pays of it; nothing unless the insurer pays. */
    private function insured(Job $job, Option $option, bool $warranty): Money
    {
        if (!$job->paidByInsurer() || $warranty || $option->priced === null) {
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

        return Money::smaller(Money::of($claim->authorised), $option->priced->price->gross);
    }

    private static function quote(Job $job, Option $option, Money $insured, bool $warranty): Quote
    {
        $replacement = $option->plan->basis->replacement;
        $part = $option->chosen?->part;
        assert($part !== null && $option->priced !== null);

        return new Quote(
            $replacement->kind,
            $replacement->name,
            new QuotedPart($part->item, $part->label, $part->name),
            $option->plan->handsOn(),
            $option->priced->charge(),
            $warranty,
            $job->paidByInsurer() ? Payer::Insurer : Payer::Customer,
            $insured,
            $option->customer(),
        );
    }
}
