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
 * those do not fill the page. It is asked for one word alone, the one that is rarest among the newest: to intersect
 * what it holds of several takes it far longer than to look at the rows of one.
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
        self::holds($newest, $words);
        $found = $newest->orderByDesc('number')->limit($limit)->get(Job::listed());
        if ($found->count() === $limit || $words === []) {
            return $found->toBase();
        }

        $words = $this->rarestFirst($words, $behind);
        $older = Job::query()
            ->with('part:id,job_id,label,state')
            ->whereFullText('search', SearchText::boolean(array_shift($words)) ?? '', ['mode' => 'boolean'])
            ->where('number', '<', $behind);
        self::holds($older, $words);

        return $older->orderByDesc('number')->limit($limit)->get(Job::listed())->toBase();
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return non-empty-list<string> by how many of the newest jobs hold them, the longer first where that is the same
     */
    private function rarestFirst(array $words, int $behind): array
    {
        if (count($words) === 1) {
            return $words;
        }
        $held = [];
        foreach ($words as $i => $word) {
            $newest = Job::query()->where('number', '<', $behind)->where('number', '>=', $behind - self::NEWEST);
            self::holds($newest, [$word]);
            $held[$i] = [$newest->count(), -mb_strlen($word)];
        }
        asort($held);

        return array_map(static fn(int $i): string => $words[$i], array_keys($held));
    }

    /**
     * @param Builder<Job>  $jobs
     * @param list<string> $words each of which a word of theirs begins with
     */
    private static function holds(Builder $jobs, array $words): void
    {
        foreach ($words as $word) {
            $jobs->where(
                static fn(Builder $q): Builder => $q
                    ->where('search', 'like', $word . '%')
                    ->orWhere('search', 'like', '% ' . $word . '%')
                    ->orWhere('search', 'like', '%-' . $word . '%'),
            );
        }
    }
}
