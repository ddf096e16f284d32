<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use App\Models\SearchText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * Finds jobs by words, newest first. A frequent word would match most of a full shop, and sorting all of that takes
 * long:
 * so the newest jobs are looked through first, and the index over all is asked only if those do not fill the page.
 */
final readonly class JobSearch
{
    private const NEWEST = 2000;

    /**
     * @return Collection<int, Job> at most `$limit`
     */
    public function find(string $query, int $offset, int $limit): Collection
    {
        $words = SearchText::words($query);
        $last = Job::query()->max('number');
        $newest = Job::query()
            ->with('part:id,job_id,label,state')
            ->where('number', '>', (is_numeric($last) ? (int) $last : 0) - self::NEWEST);
        foreach ($words as $word) {
            $newest->where(
                static fn(Builder $q): Builder => $q
                    ->where('search', 'like', $word . '%')
                    ->orWhere('search', 'like', '% ' . $word . '%')
                    ->orWhere('search', 'like', '%-' . $word . '%'),
            );
        }
        $found = $newest->orderByDesc('number')->offset($offset)->limit($limit)->get(Job::listed());
        if ($found->count() === $limit || $words === []) {
            return $found->toBase();
        }

        return Job::query()
            ->with('part:id,job_id,label,state')
            ->whereFullText('search', SearchText::boolean($query) ?? '', ['mode' => 'boolean'])
            ->orderByDesc('number')
            ->offset($offset)
            ->limit($limit)
            ->get(Job::listed())
            ->toBase();
    }
}
