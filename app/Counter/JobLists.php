<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** Jobs page by page, each page from where the one before ended. */
final readonly class JobLists
{
    /**
     * Open ones first, then those that were closed within a day.
     *
     * @return Collection<int, Job> at most so many
     */
    public function current(?JobsFrom $from, int $limit): Collection
    {
        $today = Carbon::now()->subDay();
        $found = $from?->closedAt !== null ? new Collection() : self::listed($limit)
            ->whereNull('handed_over_at')
            ->when($from !== null, static fn(Builder $q) => $q->where('number', '<', $from->number ?? 0))
            ->orderByDesc('number')
            ->get(Job::listed())
            ->toBase();
        $left = $limit - $found->count();

        return $left === 0 ? $found : $found->concat(
            self::listed($left)
                ->where('handed_over_at', '>=', $today)
                ->when($from?->closedAt !== null, static fn(Builder $q) => self::behind($q, $from, '>'))
                ->orderBy('handed_over_at')
                ->orderByDesc('number')
                ->get(Job::listed()),
        );
    }

    /** @return Collection<int, Job> at most so many, what was closed last before the rest */
    public function closed(?JobsFrom $from, int $limit): Collection
    {
        return self::listed($limit)
            ->whereNotNull('handed_over_at')
            ->when($from?->closedAt !== null, static fn(Builder $q) => self::behind($q, $from, '<'))
            ->orderByDesc('handed_over_at')
            ->orderByDesc('number')
            ->get(Job::listed())
            ->toBase();
    }

    /** @return Builder<Job> */
    private static function listed(int $limit): Builder
    {
        return Job::query()->with('part:id,job_id,label,state')->limit($limit);
    }

    /**
     * @param Builder<Job> $query
     * @param string       $side  of the moment on which the list goes on
     */
    private static function behind(Builder $query, ?JobsFrom $from, string $side): void
    {
        $at = $from?->closedAt;
        // The first is what the index can be entered with.
        $query->where('handed_over_at', $side . '=', $at)->where(
            static fn(Builder $q) => $q
                ->where('handed_over_at', $side, $at)
                ->orWhere('number', '<', $from->number ?? 0),
        );
    }
}
