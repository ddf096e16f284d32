<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\Claim;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Support\Promise;
use App\Support\QuoteOption;
use App\Support\Quoting;
use App\Support\Stations;
use Facelift\Document\Reason;
use Facelift\Quantity\Money;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The customer says yes: the part is reserved, the price and the promise are kept, the job goes on the bench list. */
final readonly class AcceptQuote
{
    public function __construct(private ChangeJob $change, private ChoosePart $choose, private Quoting $quoting, private Promise $promise, private Stations $stations) {}

    /**
     * @param string $gross the price that the customer saw
     *
     * @throws Conflict If the price or the part has changed since, or the job was changed meanwhile.
     */
    public function __invoke(Job $job, int $version, string $kind, int $itemId, string $gross, bool $warranty): Job
    {
        $this->stations->mustReach('quote', $job);

        return DB::connection()->transaction(function () use ($job, $version, $kind, $itemId, $gross, $warranty): Job {
            return $this->change->beforeBench($job, $version, function (Job $locked) use ($kind, $itemId, $gross, $warranty): void {
                if ($locked->accepted_at !== null && ($locked->quote['kind'] ?? null) === $kind && ($locked->quote['item'] ?? null) === $itemId) {
                    return;
                }
                if ($warranty && $locked->comeback_of === null) {
                    throw ValidationException::withMessages(['warranty' => 'This phone did not come back from a job of ours: there is no warranty to use.']);
                }
                $option = $this->option($locked, $kind, $itemId, $gross);
                $insured = $this->insured($locked, $option, $warranty);
                $this->reserve($locked, $option, $itemId);
                $locked->quote = json_encode($this->document($locked, $option, $insured, $warranty), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
                $locked->accepted_at = Carbon::now();
                $locked->promised_at = $this->promise->of($locked, $option->plan);
                $locked->plan = null;
                $locked->plan_works = null;
                $locked->next_step = null;
                $locked->heat_source = null;
            });
        });
    }

    private function option(Job $job, string $kind, int $itemId, string $gross): QuoteOption
    {
        foreach ($this->quoting->options($job) as $option) {
            if ($option->plan->basis->replacement->kind->value === $kind) {
                if ($option->item?->id !== $itemId || $option->price === null) {
                    throw Conflict::quoteMoved('The part of this option is no longer free.');
                }
                if (!$option->price->gross->equals(Money::of($gross))) {
                    throw Conflict::quoteMoved(sprintf('It now costs %s, not %s.', (string) $option->price->gross, $gross));
                }
                if (!$option->plan->works()) {
                    throw ValidationException::withMessages(['kind' => 'There is no plan that works for this option.']);
                }

                return $option;
            }
        }
        throw ValidationException::withMessages(['kind' => 'This phone has no such option.']);
    }

    private function reserve(Job $locked, QuoteOption $option, int $itemId): void
    {
        $locked->kind = $option->plan->basis->replacement->kind;
        $this->choose->reserve($locked, $itemId);
    }

    /** What the insurer pays of it; nothing unless the insurer pays. */
    private function insured(Job $job, QuoteOption $option, bool $warranty): Money
    {
        if (!$job->paidByInsurer() || $warranty || $option->price === null) {
            return Money::zero();
        }
        $claim = Claim::query()->where('job_id', $job->id)->first();
        if ($claim === null || $claim->authorised === null || $claim->state === 'asked') {
            throw ValidationException::withMessages(['claim' => 'Ask the insurer first: nothing is authorised yet.']);
        }
        if ($claim->state === 'rejected') {
            throw ValidationException::withMessages(['claim' => 'The insurer has rejected it. Set at Check-in that the customer pays, or hand the phone back.']);
        }

        return Money::smaller(Money::of($claim->authorised), $option->price->gross);
    }

    /** @return array<string, mixed> the option as it was accepted, with every figure */
    private function document(Job $job, QuoteOption $option, Money $insured, bool $warranty): array
    {
        $gross = $warranty ? Money::zero() : ($option->price->gross ?? Money::zero());
        $item = $option->item ?? new ShelfItem();

        return [
            'kind' => $option->plan->basis->replacement->kind->value, 'name' => $option->plan->basis->replacement->name,
            'item' => $item->id, 'label' => $item->label, 'part' => $item->name, 'handsOn' => round($option->plan->handsOn()),
            'money' => $option->money(true), 'warranty' => $warranty, 'payer' => $job->paidByInsurer() ? 'insurer' : 'customer',
            'insured' => (string) $insured, 'due' => (string) $gross->minus($insured),
            'customer' => array_map(static fn(Reason $r): array => $r->toArray(), $option->customer()),
        ];
    }
}
