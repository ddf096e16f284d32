<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\ShopBook;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Models\PlanChange;
use Facelift\Cost\Further;
use Facelift\Quantity\Money;
use Illuminate\Support\Carbon;

/**
 * The customer agrees to what a trouble adds to the price; the accepted quote is raised by it, and both amounts stay
 * in the record.
 */
final readonly class PriceTrouble
{
    public function __construct(private ChangeJob $change, private ShopBook $book) {}

    /**
     * @param string $cost  what the further part costs the shop, decimal text
     * @param string $gross the addition that the customer heard
     *
     * @throws Conflict If the addition is another by now, has been agreed already, or the job was changed meanwhile.
     */
    public function __invoke(
        Job $job,
        int $version,
        string $change,
        string $cost,
        int $minutes,
        string $gross,
    ): Job {
        return $this->change->atAnyTime($job, $version, function (Job $locked) use (
            $change,
            $cost,
            $minutes,
            $gross,
        ): void {
            $row = PlanChange::query()->whereKey($change)->where('job_id', $locked->id)->lockForUpdate()->firstOrFail();
            if ($row->priced_at !== null) {
                if (Money::of($row->part_cost ?? '0')->equals(Money::of($cost)) && $row->minutes === $minutes) {
                    return;
                }
                throw Conflict::notReachable(sprintf('%s more was agreed for this already.', $row->gross ?? '0.00'));
            }
            $accepted = $locked->quote;
            if (!$row->quote || $accepted === null) {
                throw Conflict::notReachable(
                    'This does not change the price: nobody has to be asked. Go on at the bench.',
                );
            }
            $further = Further::of(Money::of($cost), $minutes, $this->book->rules());
            if (!$further->gross()->equals(Money::of($gross))) {
                throw Conflict::quoteMoved(sprintf('It adds %s, not %s.', (string) $further->gross(), $gross));
            }
            $row->update([
                'part_cost' => $cost,
                'minutes' => $minutes,
                'gross' => (string) $further->gross(),
                'priced_at' => Carbon::now(),
            ]);
            $claim = Claim::query()
                ->where('job_id', $locked->id)
                ->whereIn('state', ClaimState::OWING)
                ->first();
            $locked->quote = $accepted->raisedBy($further, Money::of($claim->authorised ?? '0'));
            $locked->changedBeside = true;
        });
    }
}
