<?php

declare(strict_types=1);

namespace App\Record;

use App\Jobs\ShopBook;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Facelift\Record\Belief;
use Facelift\Record\Difference;
use Facelift\Record\Facet;
use Facelift\Record\Rate;
use Illuminate\Support\Facades\DB;

/** What share of jobs something happens to, by what they are told apart by, and whether that can be told yet. */
final readonly class Shares
{
    /** More are not shown: those with the most tries are. */
    private const MOST = 40;

    /** Fewer are not compared: nothing would ever follow. */
    private const FEWEST = 5;

    /** A part fails before it is fitted in about three of a hundred (estimate from memory), which weighs as much as: */
    private const FAILS = 0.03;
    private const FAILS_WEIGHS = 30.0;

    public function __construct(
        private Comebacks $comebacks,
        private PhoneLibrary $phones,
        private ShopBook $book,
    ) {}

    /** @return array<string, mixed> */
    public function of(Question $question, Facet $facet, Period $period): array
    {
        $rows = $this->rows($question, $facet, $period);
        $all = $this->rows($question, Facet::All, $period)[0] ?? Share::plain('', Rate::of(0, 0));

        return [
            'question' => $question->value,
            'facet' => $facet->value,
            'from' => $period->from->format('Y-m'),
            'to' => $period->to->format('Y-m'),
            'days' => $question === Question::Comebacks ? $period->days : null,
            'all' => $this->named($all, Facet::All),
            'rows' => array_map(fn(Share $s): array => $this->named($s, $facet), $rows),
            'pair' => self::pair($rows),
            'warranty' => $this->book->rules()->warrantyDays,
            'curve' => $question === Question::Comebacks ? $this->comebacks->curve($period) : [],
        ];
    }

    /** @return list<Share> */
    public function rows(Question $question, Facet $facet, Period $period): array
    {
        return match ($question) {
            Question::Comebacks => $this->comebacks->by($facet, $period),
            Question::Failures => array_map(
                self::believed(...),
                $this->sums($facet, $period, 'failed', 'jobs + failed'),
            ),
            Question::Promises => $this->sums($facet, $period, 'kept', 'promised'),
        };
    }

    /** With what is believed of a part before anything was seen of it. */
    private static function believed(Share $share): Share
    {
        $belief = Belief::from(self::FAILS, self::FAILS_WEIGHS, $share->seen);

        return new Share(
            $share->value,
            $share->seen,
            $belief->expected(),
            $belief->band(),
            0,
            $share->over,
        );
    }

    /**
     * @param literal-string $hits
     * @param literal-string $tries
     *
     * @return list<Share>
     */
    private function sums(Facet $facet, Period $period, string $hits, string $tries): array
    {
        $rows = DB::table('record_sums')
            ->where('facet', $facet->value)
            ->whereBetween('month', $period->months())
            ->groupBy('value')
            ->selectRaw("value, sum($hits) as hits, sum($tries) as tries")
            ->having('tries', '>', 0)
            ->orderByDesc('tries')
            ->orderBy('value')
            ->limit(self::MOST)
            ->get();
        $shares = [];
        foreach ($rows as $row) {
            $shares[] = Share::plain(Cell::text($row->value), Rate::of(Cell::int($row->hits), Cell::int($row->tries)));
        }

        return $shares;
    }

    /**
     * The two that lie furthest apart, and what can be told of them.
     *
     * @param list<Share> $rows
     *
     * @return array<string, mixed>|null null if there are no two to compare
     */
    private static function pair(array $rows): ?array
    {
        $rows = array_values(array_filter($rows, static fn(Share $s): bool => $s->over->tries >= self::FEWEST));
        if (count($rows) < 2) {
            return null;
        }
        usort($rows, static fn(Share $a, Share $b): int => $b->over->seen() <=> $a->over->seen());
        [$most, $least] = [$rows[0], $rows[count($rows) - 1]];
        $difference = Difference::of($most->over, $least->over);

        return [
            'most' => $most->value,
            'least' => $least->value,
            'low' => round($difference->interval->low, 5),
            'high' => round($difference->interval->high, 5),
            'told' => $difference->isTold(),
            'more' => $difference->isTold() ? null : $difference->moreUntilTold(),
            // Of so many pairs some look different by chance alone.
            'pairs' => intdiv(count($rows) * (count($rows) - 1), 2),
        ];
    }

    /** @return array<string, mixed> with its name, where words do not have it */
    private function named(Share $share, Facet $facet): array
    {
        return $share->toArray() + ['name' => match ($facet) {
            Facet::Phone => $this->phones->nameOf($share->value),
            Facet::Technician => User::query()->whereKey((int) $share->value)->value('name') ?? $share->value,
            default => $share->value,
        }];
    }
}
