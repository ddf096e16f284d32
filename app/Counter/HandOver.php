<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\ProofTable;
use App\Jobs\Runs;
use App\Jobs\ShopBook;
use App\Models\ChipTry;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\ClosedAs;
use App\Models\GlassTry;
use App\Models\Job;
use App\Models\PartState;
use App\Models\PlanChange;
use App\Models\ShelfItem;
use App\Models\User;
use App\Record\KeepRecord;
use App\Words\Words;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\Stream;
use Facelift\Fit\DataWay;
use Facelift\Proof\Gate;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Closes a job once everything is done, tested or waived with a reason, and told to the customer; what is open is
 * refused as invalid, field by field.
 */
final readonly class HandOver
{
    public function __construct(
        private ChangeJob $change,
        private Runs $runs,
        private ProofTable $proof,
        private ShopBook $book,
        private Words $words,
        private OldParts $old,
        private KeepWorked $worked,
        private KeepRecord $record,
    ) {}

    /**
     * @param list<array{part: string, goes: Stream, place: string|null}> $old what becomes of the old parts
     * @param User|null $by who hands it over, and keeps what the work has shown of a phone that nobody had drawn
     *
     * @throws Conflict If the job was changed meanwhile.
     */
    public function __invoke(
        Job $job,
        int $version,
        bool $customerTold,
        ?string $newFaultsReason,
        bool $filmOff = false,
        array $old = [],
        ?User $by = null,
    ): Job {
        return $this->change->atAnyTime($job, $version, function (Job $locked) use (
            $customerTold,
            $newFaultsReason,
            $filmOff,
            $old,
            $by,
        ): void {
            if ($locked->handed_over_at !== null) {
                return;
            }
            $faults = $this->faults($locked, $customerTold, $newFaultsReason, $filmOff)
                + $this->old->faults($locked, $old);
            if ($faults !== []) {
                throw ValidationException::withMessages($faults);
            }
            $locked->new_faults_reason = $newFaultsReason;
            $locked->handed_over_at = Carbon::now();
            $locked->closed_as = ClosedAs::HandedOver;
            $this->old->keep($locked, $old);
            $this->settle($locked);
            $this->record->handedOver($locked);
            if ($by !== null) {
                ($this->worked)($locked, $by);
            }
        });
    }

    /** The part is in the phone, the insurer owes from now on, and the record has one more. */
    private function settle(Job $job): void
    {
        ShelfItem::query()
            ->where('job_id', $job->id)
            ->update(['state' => PartState::Fitted]);
        Claim::query()
            ->where('job_id', $job->id)
            ->whereIn('state', ClaimState::OWING)
            ->update(['due_on' => Carbon::today()->addDays($this->book->rules()->insurerDays)]);
        if ($job->quote?->data?->way->way === DataWay::Chip) {
            ChipTry::query()->firstOrCreate(['job_id' => $job->id], ['works' => true]);
        }
        if ($job->kind === ReplacementKind::GlassOnly) {
            GlassTry::query()->firstOrCreate(
                ['job_id' => $job->id],
                ['id' => Str::uuid()->toString(), 'whole' => true],
            );
        }
    }

    /** @return array<string, string> */
    private function faults(Job $job, bool $customerTold, ?string $newFaultsReason, bool $filmOff): array
    {
        $run = $this->runs->run($job);
        $faults = [];
        foreach ($run->plan->gates as $gate => $tests) {
            $open = $tests->gate === Gate::CheckIn ? [] : $run->untested($tests->gate);
            if ($open !== []) {
                $faults['gate.' . $gate]
                    = 'Not tested: ' . implode(', ', $open) . '. Test them, or write the reason at the gate.';
            }
        }
        $next = $run->next();
        if ($next !== null) {
            $faults['bench']
                = 'Not done yet: ' . $this->words->coded('step.' . $next->kind()->value, $next->act->figures) . '.';
        }
        $astray = $run->astray();
        if ($next === null && $astray !== []) {
            $faults['bench'] = 'Not where it belongs: ' . implode(', ', $astray) . '. Take it off, or put it back.';
        }
        if ($this->proof->newFaults($job, $run) !== [] && trim((string) $newFaultsReason) === '') {
            $faults['newFaultsReason']
                = 'A function that worked at check-in fails now. Write what was agreed with the customer.';
        }
        if ($job->part === null) {
            $faults['part'] = 'The part failed and no other has been taken. Choose one in Part.';
        }
        if (PlanChange::query()->where('job_id', $job->id)->where('quote', true)->whereNull('priced_at')->exists()) {
            $faults['price']
                = 'A trouble at the bench changed the price. Agree at Quote on what is added, even if that is nothing.';
        }
        if ($run->state->ledger->atHandOver() !== [] && !$filmOff) {
            $faults['filmOff'] = 'The outer film is still on the glass. Take it off before the customer\'s eyes.';
        }
        if (!$customerTold) {
            $faults['customerTold'] = 'Tell the customer first what is listed under "Customer hears".';
        }

        return $faults;
    }
}
