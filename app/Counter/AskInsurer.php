<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ShopBook;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Outside\Insurer;
use App\Outside\NoGoodAnswer;
use App\Phones\PhoneLibrary;
use Illuminate\Support\Facades\DB;

/** Asks the insurer to authorise an amount for a job. Asking again under the same id gives the same answer. */
final readonly class AskInsurer
{
    public function __construct(private Insurer $insurer, private PhoneLibrary $phones, private ShopBook $book) {}

    /**
     * @throws Conflict     If another claim stands for the job, or it is closed.
     * @throws NoGoodAnswer If the insurer gives no good answer: the claim is kept as asked and may be asked again.
     */
    public function __invoke(Job $job, string $id, string $policy, string $amount): Claim
    {
        $claim = DB::connection()->transaction(static function () use ($job, $id, $policy, $amount): Claim {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            if ($locked->accepted_at !== null) {
                throw Conflict::notReachable('The quote is accepted: what the insurer authorised stays as it is.');
            }
            $there = Claim::query()->where('job_id', $locked->id)->lockForUpdate()->first();
            if ($there !== null && $there->state === ClaimState::Asked) {
                // Never answered: the same question may be put with other words.
                $there->update(['policy' => $policy, 'asked' => $amount]);

                return $there->refresh();
            }
            if ($there !== null && $there->id === $id) {
                return $there;
            }
            // A new question replaces an answer that did not suit; nothing has been paid on it yet.
            $there?->delete();

            return Claim::query()
                ->create([
                    'id' => $id,
                    'job_id' => $locked->id,
                    'policy' => $policy,
                    'asked' => $amount,
                    'state' => ClaimState::Asked,
                ])
                ->refresh();
        });
        if ($claim->state === ClaimState::Asked) {
            $answer = $this->insurer->authorise(
                $claim,
                $this->phones->phone($job->phone)->identity->name(),
                $this->book->rules()->currency,
            );
            $claim->update($answer);
        }

        return $claim->refresh();
    }
}
