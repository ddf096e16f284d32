<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Facelift\Chip\HotWork;
use Facelift\Chip\Solder;
use Facelift\Fit\DataWay;
use Facelift\Heat\Limits;
use Facelift\Pricing\ChipOffer;
use Facelift\Pricing\Option;

/** Moving the old display's chip, as the page gets it: what it costs on top, its chance, and how hot the panel gets. */
final readonly class ChipResource
{
    /** @return array<string, mixed>|null null if it is not offered */
    public static function of(Option $option): ?array
    {
        $offer = $option->chip;

        return $offer === null ? null : [
            'gross' => (string) $offer->further->gross(),
            'total' => (string) $option->charge(DataWay::Chip)?->gross,
            'minutes' => (int) ceil($offer->work->hands() / 60),
            'chance' => round(100 * $offer->chance()),
            'tries' => $offer->record->tries,
            'works' => $offer->record->successes,
            'from' => round(100 * $offer->record->wilson()->low),
            'to' => round(100 * $offer->record->wilson()->high),
            'off' => $offer->work->way->value,
            'limit' => (new Limits())->panel,
            'heats' => self::heats($offer),
        ];
    }

    /** @return list<array<string, mixed>> the panel beside and behind, by each time that air is on a chip of it */
    private static function heats(ChipOffer $offer): array
    {
        $rows = [];
        foreach ([
            ['off', $offer->work->lift, Solder::LeadFree],
            ['set', $offer->work->set, Solder::LowTemperature],
        ] as [$what, $work, $solder]) {
            if ($work !== null) {
                $rows[] = ['what' => $what, 'yellows' => $offer->work->yellows($work)]
                    + self::heat($work, $work->band($offer->work->chip, $solder));
            }
        }

        return $rows;
    }

    /**
     * @param array{HotWork|null, HotWork|null} $band with a weaker and a stronger nozzle
     *
     * @return array<string, mixed>
     */
    private static function heat(HotWork $work, array $band): array
    {
        [$weak, $strong] = $band;

        return [
            'set' => $work->jet->set,
            'shielded' => $work->shielded,
            'seconds' => [$strong->seconds ?? $work->seconds, $work->seconds, $weak?->seconds],
            'behind' => [round($strong->behind ?? $work->behind), round($work->behind), self::rounded($weak?->behind)],
            'beside' => [round($strong->beside ?? $work->beside), round($work->beside), self::rounded($weak?->beside)],
        ];
    }

    private static function rounded(?float $celsius): ?float
    {
        return $celsius === null ? null : round($celsius);
    }
}
