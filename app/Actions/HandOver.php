<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Support\ProofTable;
use App\Support\Runs;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** Closes a job once everything is done, tested or waived with a reason, and told to the customer; what is open is refused as invalid, field by field. */
final readonly class HandOver
{
    public function __construct(private ChangeJob $change, private Runs $runs, private ProofTable $proof) {}

    /**
     * @throws Conflict If the job was changed meanwhile.
     */
    public function __invoke(Job $job, int $version, bool $customerTold, ?string $newFaultsReason): Job
    {
        return $this->change->atAnyTime($job, $version, function (Job $locked) use ($customerTold, $newFaultsReason): void {
            if ($locked->handed_over_at !== null) {
                return;
            }
            $faults = $this->faults($locked, $customerTold, $newFaultsReason);
            if ($faults !== []) {
                throw ValidationException::withMessages($faults);
            }
            $locked->new_faults_reason = $newFaultsReason;
            $locked->handed_over_at = Carbon::now();
        });
    }

    /** @return array<string, string> */
    private function faults(Job $job, bool $customerTold, ?string $newFaultsReason): array
    {
        $plan = $this->runs->plan($job);
        $state = $this->runs->state($job);
        $faults = [];
        foreach (array_keys($plan->gates) as $gate) {
            $open = $gate === 'check-in' ? [] : $state->untested($plan, $gate);
            if ($open !== []) {
                $faults['gate.' . $gate] = 'Not tested: ' . implode(', ', $open) . '. Test them, or write the reason at the gate.';
            }
        }
        $next = $state->next($plan);
        if ($next !== null) {
            $faults['bench'] = 'Not done yet: ' . $next . '.';
        }
        if ($this->proof->newFaults($job, $state) !== [] && trim((string) $newFaultsReason) === '') {
            $faults['newFaultsReason'] = 'A function that worked at check-in fails now. Write what was agreed with the customer.';
        }
        if (!$customerTold) {
            $faults['customerTold'] = 'Tell the customer first what is listed under "Customer hears".';
        }

        return $faults;
    }
}
