<?php

declare(strict_types=1);

namespace App\Record;

use App\Jobs\ShopBook;
use App\Models\Claim;
use App\Models\ClaimState;
use Facelift\Quantity\Money;
use Facelift\Record\Facet;
use Illuminate\Support\Facades\DB;

/** What a time came to in money, and what insurers owe of it still. */
final readonly class Earned
{
    public function __construct(private ShopBook $book) {}

    /** @return array<string, mixed> */
    public function of(Period $period): array
    {
        $owed = Claim::query()->whereIn('state', ClaimState::OWING)->with('payments')->get();

        return [
            'from' => $period->from->format('Y-m'),
            'to' => $period->to->format('Y-m'),
            'months' => $this->rows($period, Facet::All, 'month'),
            'kinds' => $this->rows($period, Facet::Kind, 'value'),
            'all' => $this->rows($period, Facet::All, 'value')[0] ?? null,
            'owed' => (string) Money::sum(...$owed->map(static fn(Claim $c): Money => $c->open())->all())->toCents(),
            'currency' => $this->book->rules()->currency,
            'hourly' => (string) $this->book->rules()->hourlyRate,
        ];
    }

    /**
     * @param 'month'|'value' $by
     *
     * @return list<array<string, mixed>> amounts as decimal text; margin is what is left of the net price
     */
    private function rows(Period $period, Facet $facet, string $by): array
    {
        $sums = array_map(
            static fn(string $s): string => "sum($s) as $s",
            ['jobs', 'gross', 'net', 'tax', 'part', 'consumables', 'taken', 'timed'],
        );
        $rows = DB::table('record_sums')
            ->where('facet', $facet->value)
            ->whereBetween('month', $period->months())
            ->groupBy($by)
            ->orderBy($by)
            ->selectRaw("$by as of, " . implode(', ', $sums))
            ->having('jobs', '>', 0)
            ->get();
        $rate = (float) (string) $this->book->rules()->hourlyRate;

        return array_values($rows->map(static function (object $row) use ($rate): array {
            $is = array_map(static fn(mixed $v): int => is_numeric($v) ? (int) $v : 0, (array) $row);
            // Hands of jobs that nobody timed are taken as those of the others.
            $hours = $is['timed'] === 0 ? 0.0 : $is['taken'] / $is['timed'] * $is['jobs'] / 3600;
            $labour = (int) round(100 * $hours * $rate);
            $margin = $is['net'] - $is['part'] - $is['consumables'] - $labour;
            $text = static fn(int $cents): string => (string) Money::of($cents)->dividedBy(100)->toCents();

            return [
                'of' => Cell::text($row->of),
                'jobs' => $is['jobs'],
                'gross' => $text($is['gross']),
                'net' => $text($is['net']),
                'tax' => $text($is['tax']),
                'part' => $text($is['part']),
                'consumables' => $text($is['consumables']),
                'labour' => $text($labour),
                'margin' => $text($margin),
                'hours' => round($hours, 2),
                'perHour' => $hours > 0.0 ? $text((int) round(($margin + $labour) / $hours)) : null,
            ];
        })->all());
    }
}
