<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Record\Difference;
use Facelift\Record\Facet;
use Facelift\Record\Rate;
use Illuminate\Support\Carbon;

/** What is otherwise than it was the month before, as far as it can be told. */
final readonly class Changed
{
    public function __construct(private Shares $shares) {}

    /** @return array<string, mixed> */
    public function of(?string $month): array
    {
        $now = Period::of($month ?? Carbon::now()->format('Y-m'), $month);
        $before = $now->from->copy()->subMonthNoOverflow()->format('Y-m');
        $rows = [];
        foreach (Question::cases() as $question) {
            $is = $this->share($question, $now);
            $was = $this->share($question, Period::of($before, $before));
            $difference = Difference::of($is->over, $was->over);
            $rows[] = [
                'question' => $question->value,
                'is' => $is->toArray(),
                'was' => $was->toArray(),
                'low' => round($difference->interval->low, 5),
                'high' => round($difference->interval->high, 5),
                'told' => $difference->isTold(),
                'more' => $difference->isTold() ? null : $difference->moreUntilTold(),
            ];
        }

        return ['month' => $now->from->format('Y-m'), 'before' => $before, 'rows' => $rows];
    }

    private function share(Question $question, Period $period): Share
    {
        return $this->shares->rows($question, Facet::All, $period)[0] ?? Share::plain('', Rate::of(0, 0));
    }
}
