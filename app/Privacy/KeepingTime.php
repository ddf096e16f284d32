<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Exceptions\Conflict;
use App\Jobs\ShopDay;
use App\Models\Job;
use App\Models\ShopSetting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** How long customers' details are kept after a phone has left, and what is over that time. */
final readonly class KeepingTime
{
    /** Jobs that are done in one go. */
    private const BATCH = 200;
    public const LONGEST = 240;

    public function __construct(private ShopDay $shop, private MakeNameless $nameless) {}

    public function row(): ShopSetting
    {
        return $this->shop->row()->refresh();
    }

    /**
     * @param int $months 1 to 240
     *
     * @throws Conflict If somebody else has changed the shop meanwhile.
     */
    public function keep(int $version, int $months): ShopSetting
    {
        $this->shop->row();

        return DB::connection()->transaction(static function () use ($version, $months): ShopSetting {
            $row = ShopSetting::query()->lockForUpdate()->firstOrFail();
            if ($row->keep_months === $months) {
                return $row;
            }
            if ($row->version !== $version) {
                throw Conflict::staleShop($row);
            }
            $row->update(['keep_months' => $months, 'version' => $row->version + 1]);

            return $row;
        });
    }

    /** How many closed jobs would be over a time of so many months now. */
    public function over(int $months): int
    {
        return Job::query()->whereNull('nameless_at')->where('handed_over_at', '<', self::since($months))->count();
    }

    /**
     * Takes the customers out of all jobs whose time is over.
     *
     * @return int how many; those with money open are left until it has come
     */
    public function end(): int
    {
        $since = self::since($this->row()->keep_months);
        $done = 0;
        Job::query()
            ->whereNull('nameless_at')
            ->where('handed_over_at', '<', $since)
            ->select(['id', 'number'])
            ->chunkById(self::BATCH, function (Collection $jobs) use (&$done): void {
                /** @var Collection<int, Job> $jobs */
                foreach ($jobs as $job) {
                    try {
                        ($this->nameless)($job);
                        ++$done;
                    } catch (Conflict) {
                        continue;
                    }
                }
            }, 'number');

        return $done;
    }

    private static function since(int $months): Carbon
    {
        return Carbon::now()->subMonthsNoOverflow($months);
    }
}
