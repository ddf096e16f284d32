<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use App\Models\JobWords;
use App\Models\SearchText;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Finds jobs by the beginnings of words, newest first. A frequent word would match most of a full shop, and sorting all
 * of that takes long: so the newest jobs behind the page before are looked through first. If those do not fill the
 * page, the numbers that have the rarest of the words are walked down from the newest, and the others are looked up at
 * these numbers only, until the page is full.
 */
final readonly class JobSearch
{
    private const NEWEST = 2000;

    /** How many numbers are looked up at once: of a longer list the database would make a table first. */
    private const AT_ONCE = 900;

    /** A word with so many jobs is frequent: how many more does not matter for which is the rarest. */
    private const FREQUENT = 5_000;

    /**
     * @param int|null $before number of the job that was shown last
     *
     * @return Collection<int, Job> at most `$limit`
     */
    public function find(string $query, ?int $before, int $limit): Collection
    {
        $words = SearchText::words($query);
        if ($words === []) {
            return new Collection();
        }
        $last = $before ?? Job::query()->max('number');
        $behind = $before ?? (is_numeric($last) ? (int) $last + 1 : 1);
        $numbers = $this->amongNewest($words, $behind, $limit);
        if (count($numbers) < $limit) {
            $numbers = $this->amongAll($words, $behind, $limit);
        }

        return Job::query()
            ->with('part:id,job_id,label,state')
            ->whereIn('number', $numbers)
            ->orderByDesc('number')
            ->get(Job::listed())
            ->toBase();
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return list<int>
     */
    private function amongNewest(array $words, int $behind, int $limit): array
    {
        $having = array_map(fn(string $word): array => $this->numbers(
            JobWords::at($word)->where('number', '<', $behind)->where('number', '>=', $behind - self::NEWEST),
        ), $words);

        return array_slice(array_values(array_intersect(...$having)), 0, $limit);
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return list<int>
     */
    private function amongAll(array $words, int $behind, int $limit): array
    {
        [$rarest, $others] = $this->rarestFirst($words);
        $found = [];
        do {
            $walked = $this->numbers(
                JobWords::beginning($rarest)->where('number', '<', $behind)->limit(self::AT_ONCE),
            );
            array_push($found, ...$this->having($walked, $others));
            $behind = $walked === [] ? $behind : min($walked);
        } while (count($walked) === self::AT_ONCE && count($found) < $limit);

        return array_slice($found, 0, $limit);
    }

    /**
     * @param list<int>    $numbers newest first
     * @param list<string> $words
     *
     * @return list<int> those that have all of the words
     */
    private function having(array $numbers, array $words): array
    {
        foreach ($words as $word) {
            if ($numbers === []) {
                break;
            }
            $numbers = $this->numbers(JobWords::at($word)->whereIntegerInRaw('number', $numbers));
        }

        return $numbers;
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return array{string, list<string>} the one that the fewest jobs have, and the others
     */
    private function rarestFirst(array $words): array
    {
        if (count($words) > 1) {
            $counts = array_map(
                static fn(string $word): int => DB::query()
                    ->fromSub(JobWords::beginning($word)->select('number')->limit(self::FREQUENT), 'w')
                    ->count(),
                $words,
            );
            array_multisort($counts, $words);
        }

        return [$words[0], array_slice($words, 1)];
    }

    /** @return list<int> each once, newest first */
    private function numbers(Builder $query): array
    {
        $numbers = $query->groupBy('number')->orderByDesc('number')->pluck('number');

        return array_values($numbers->map(static fn(mixed $n): int => is_numeric($n) ? (int) $n : 0)->all());
    }
}
