<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\Claim;
use App\Models\Job;
use App\Models\PlanChange;
use App\Support\ShopBook;
use Facelift\Cost\Further;
use Facelift\Quantity\Money;
use Illuminate\Support\Carbon;

/** The customer agrees to what a trouble adds to the price; the accepted quote is raised by it, and both amounts stay in the record. */
final readonly class PriceTrouble
{
    public function __construct(private ChangeJob $change, private ShopBook $book) {}

    /**
     * @param string $cost  what the further part costs the shop, decimal text
     * @param string $gross the addition that the customer heard
     *
     * @throws Conflict If the addition is another by now, has been agreed already, or the job was changed meanwhile.
     */
    public function __invoke(Job $job, int $version, string $change, string $cost, int $minutes, string $gross): Job
    {
        return $this->change->atAnyTime($job, $version, function (Job $locked) use ($change, $cost, $minutes, $gross): void {
            $row = PlanChange::query()->whereKey($change)->where('job_id', $locked->id)->lockForUpdate()->firstOrFail();
            if ($row->priced_at !== null) {
                if (Money::of($row->part_cost ?? '0')->equals(Money::of($cost)) && $row->minutes === $minutes) {
                    return;
                }
                throw Conflict::notReachable(sprintf('%s more was agreed for this already.', $row->gross ?? '0.00'));
            }
            if (!$row->quote || $locked->quote === null) {
                throw Conflict::notReachable('This does not change the price.');
            }
            $further = Further::of(Money::of($cost), $minutes, $this->book->rules());
            if (!$further->gross()->equals(Money::of($gross))) {
                throw Conflict::quoteMoved(sprintf('It adds %s, not %s.', (string) $further->gross(), $gross));
            }
            $row->update(['part_cost' => $cost, 'minutes' => $minutes, 'gross' => (string) $further->gross(), 'priced_at' => Carbon::now()]);
            $locked->quote = json_encode($this->raised($locked, $locked->quote, $further), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $locked->changedBeside = true;
        });
    }

    /**
     * @param array<string, mixed> $quote
     *
     * @return array<string, mixed> with every amount raised by the addition
     */
    private function raised(Job $job, array $quote, Further $further): array
    {
        $money = is_array($quote['money'] ?? null) ? $quote['money'] : [];
        $price = $further->price;
        foreach ($price === null ? [] : ['gross' => $price->gross, 'net' => $price->net, 'tax' => $price->tax] as $key => $more) {
            $money[$key] = (string) self::amount($money, $key)->plus($more);
        }
        if (is_array($money['inside'] ?? null)) {
            $inside = $money['inside'];
            $lines = is_array($inside['lines'] ?? null) ? $inside['lines'] : [];
            $inside['lines'] = [...$lines, ['code' => 'further', 'quantity' => 1, 'amount' => (string) $further->cost]];
            foreach (['plain' => $further->cost, 'expected' => $further->cost, 'margin' => $price->margin ?? Money::zero()] as $key => $more) {
                $inside[$key] = (string) self::amount($inside, $key)->plus($more);
            }
            $money['inside'] = $inside;
        }
        $gross = ($quote['warranty'] ?? false) === true ? Money::zero() : self::amount($money, 'gross');
        $claim = Claim::query()->where('job_id', $job->id)->whereIn('state', ['authorised', 'partly'])->first();
        $insured = ($quote['payer'] ?? null) === 'insurer' ? Money::smaller(Money::of($claim->authorised ?? '0'), $gross) : Money::zero();

        if (is_array($money['worth'] ?? null)) {
            $money['worth'] = self::reason($money['worth']);
        }
        $quote['customer'] = array_map(self::reason(...), array_filter(is_array($quote['customer'] ?? null) ? $quote['customer'] : [], is_array(...)));

        return ['money' => $money, 'insured' => (string) $insured, 'due' => (string) $gross->minus($insured)] + $quote;
    }

    /** @param array<mixed> $of */
    private static function amount(array $of, string $key): Money
    {
        return Money::of(is_string($of[$key] ?? null) ? $of[$key] : '0');
    }

    /**
     * @param array<mixed> $reason
     *
     * @return array<mixed> with its figures as a map, also if there are none
     */
    private static function reason(array $reason): array
    {
        return ['figures' => (object) ($reason['figures'] ?? [])] + $reason;
    }
}
