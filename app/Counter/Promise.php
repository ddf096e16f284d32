<?php

declare(strict_types=1);

namespace App\Counter;

use App\Day\Accepted;
use App\Day\BenchDay;
use App\Day\Spread;
use App\Jobs\ShopDay;
use App\Models\Job;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Load;
use Facelift\Schedule\NobodyMay;
use Facelift\Schedule\PromiseTime;
use Illuminate\Support\Carbon;

/** When a phone can be promised, behind what is accepted already, within the shop's opening hours. */
final readonly class Promise
{
    public function __construct(
        private ShopDay $shop,
        private BenchDay $day,
        private Accepted $accepted,
    ) {}

    /** The day is looked at anew: until the next time it is asked as it is now. */
    public function anew(): self
    {
        $this->day->forget();

        return $this;
    }

    /**
     * What is said to the customer, looked at anew. Null if nobody who is there may do all of it.
     *
     * @param int|null $item the part on the shelf that it is done with: it may be on its way
     */
    public function of(Job $job, Plan $plan, ?int $item = null): ?Carbon
    {
        $reckoned = $this->anew()->reckoned($job, $plan, $item);

        return $reckoned === null ? null : Carbon::createFromTimestampMs($reckoned->promised->said);
    }

    /** Per cent of days in which a promise is to hold. */
    public function certainty(): int
    {
        return (int) round(100 * $this->shop->shop()->certainty);
    }

    /** How many phones were accepted before it and are not handed over. */
    public function ahead(Job $job): int
    {
        return count($this->day->loads($job->id));
    }

    /**
     * Null if nobody who is there may do all of it.
     *
     * @param int|null $item the part on the shelf that it is done with: it may be on its way
     */
    public function reckoned(Job $job, Plan $plan, ?int $item = null): ?PromiseFrom
    {
        $now = $this->day->now();
        $own = new Load(
            $job->id,
            Chain::of($plan),
            max($this->accepted->from($job, $item), $now),
            PHP_INT_MAX,
            Guess::of($plan) === null ? Spread::OF_KNOWN : Spread::OF_UNKNOWN,
        );
        try {
            $promised = (new PromiseTime($this->shop->shop()->certainty))
                ->of($own, $this->day->planned($job->id)->laid, $this->day->loads($job->id));
        } catch (NobodyMay) {
            return null;
        }

        return new PromiseFrom($promised, $this->accepted->partFrom($job, $item), $this->accepted->phoneFrom($job));
    }
}
