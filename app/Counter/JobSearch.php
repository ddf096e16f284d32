<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use App\Models\SearchText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * Finds jobs by words, newest first. A frequent word would match most of a full shop, and sorting all of that takes
 * long: so the newest jobs behind the page before are looked through first, and the index over all is asked only if
 * those do not fill the page. To ask it for the rarer of two words alone and look at its rows takes twice as long.
 */
final readonly class JobSearch
{
    private const NEWEST = 2000;

    /**
     * @param int|null $before number of the job that was shown last
     *
     * @return Collection<int, Job> at most `$limit`
     */
    public function find(string $query, ?int $before, int $limit): Collection
    {
        $words = SearchText::words($query);
        $last = $before ?? Job::query()->max('number');
        $behind = $before ?? (is_numeric($last) ? (int) $last + 1 : 1);
        $newest = Job::query()
            ->with('part:id,job_id,label,state')
            ->where('number', '<', $behind)
            ->where('number', '>=', $behind - self::NEWEST);
        foreach ($words as $word) {
            $newest->where(
                static fn(Builder $q): Builder => $q
                    ->where('search', 'like', $word . '%')
                    ->orWhere('search', 'like', '% ' . $word . '%')
                    ->orWhere('search', 'like', '%-' . $word . '%'),
            );
        }
        $found = $newest->orderByDesc('number')->limit($limit)->get(Job::listed());
        if ($found->count() === $limit || $words === []) {
            return $found->toBase();
        }

        return Job::query()
            ->with('part:id,job_id,label,state')
            ->whereFullText('search', SearchText::boolean($query) ?? '', ['mode' => 'boolean'])
            ->where('number', '<', $behind)
            ->orderByDesc('number')
            ->limit($limit)
            ->get(Job::listed())
            ->toBase();
    }
}
