<?php

declare(strict_types=1);

namespace App\Record;

use App\Jobs\ShopBook;
use App\Models\KeptPace;
use App\Models\User;
use Facelift\Record\Belief;
use Facelift\Record\Facet;
use Facelift\Record\Rate;
use Illuminate\Support\Facades\DB;

/** The other figures that plans, prices and promises are made with, each with what it rests on. */
final readonly class FiguresInUse
{
    /** Shares of jobs before anything was seen, and as how many jobs they weigh (estimates from memory). */
    private const TORN = 0.02;
    private const RUINED = 0.03;
    private const WEIGHS = 30.0;

    public function __construct(private ShopBook $book, private Contact $contact) {}

    /**
     * @param bool $people whether it is told of each by name
     *
     * @return array<string, mixed>
     */
    public function of(bool $people): array
    {
        return [
            'plate' => $this->contact->of(),
            'risks' => [
                self::risk(Risky::GlassOnly, $this->book->glassRecord(), 0.5, 2.0),
                self::risk(Risky::Chip, $this->book->chipRecord(), 0.5, 2.0),
                self::risk(Risky::TornFlex, self::seen('torn'), self::TORN, self::WEIGHS),
                self::risk(Risky::RuinedPanel, self::seen('ruined'), self::RUINED, self::WEIGHS),
            ],
            'paces' => $people ? $this->paces() : [],
        ];
    }

    /** Of all jobs that the record holds. */
    private static function seen(string $what): Rate
    {
        $all = DB::table('record_sums')->where('facet', Facet::All->value)->where('value', '');

        return Rate::of(Cell::int($all->clone()->sum($what)), Cell::int($all->clone()->sum('jobs')));
    }

    /**
     * @param float $before what is believed of it before anything was seen, 0 to 1
     * @param float $weighs as many tries
     *
     * @return array<string, mixed>
     */
    private static function risk(Risky $what, Rate $record, float $before, float $weighs): array
    {
        $belief = Belief::from($before, $weighs, $record);

        return [
            'what' => $what->value,
            'hits' => $record->successes,
            'tries' => $record->tries,
            'before' => $before,
            'weighs' => $weighs,
            'share' => round($belief->expected(), 4),
            'low' => round($belief->band()->low, 4),
            'high' => round($belief->band()->high, 4),
        ];
    }

    /** @return list<array<string, mixed>> how fast everybody at the bench is, and on how many hours that rests */
    private function paces(): array
    {
        $names = User::query()->pluck('name', 'id');
        $paces = [];
        foreach (KeptPace::query()->orderBy('user_id')->get() as $kept) {
            $paces[] = [
                'person' => Cell::text($names[$kept->user_id] ?? ''),
                'pace' => round($kept->pace()->factor(), 2),
                'hours' => round($kept->pace()->hours(), 1),
            ];
        }

        return $paces;
    }
}
