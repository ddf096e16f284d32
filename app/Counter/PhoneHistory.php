<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\ShopBook;
use App\Models\ClosedAs;
use App\Models\Job;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What the shop knows of a phone it has seen before, by its IMEI. */
final readonly class PhoneHistory
{
    private const MOST = 20;

    public function __construct(private ShopBook $book) {}

    /** @return Collection<int, Job> newest first */
    public function of(string $imei): Collection
    {
        return Job::query()
            ->with('part:id,job_id,label,state')
            ->where('imei', $imei)
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get(Job::listed())
            ->toBase();
    }

    /** The last job that was repaired and handed over and is still under the shop's warranty; null if there is none. */
    public function comebackFor(string $imei): ?Job
    {
        return Job::query()
            ->where('imei', $imei)
            ->where('closed_as', ClosedAs::HandedOver)
            ->where('handed_over_at', '>=', Carbon::now()->subDays($this->book->rules()->warrantyDays))
            ->orderByDesc('handed_over_at')
            ->first();
    }

    /** @param Carbon|null $on when it came back; null for now */
    public function underWarranty(Job $job, ?Carbon $on = null): bool
    {
        return $job->closed_as === ClosedAs::HandedOver
            && $job->handed_over_at !== null
            && $job->handed_over_at->gte(($on ?? Carbon::now())->copy()->subDays($this->book->rules()->warrantyDays));
    }
}
