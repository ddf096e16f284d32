<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Anatomy\Phone;
use Facelift\Document\Reason;
use Facelift\Geometry\Side;
use Facelift\Seal\Bead;
use Facelift\Seal\Rim;
use Facelift\Seal\TapeLayout;

/**
 * What is said of a way: how its adhesive is laid, and what it holds.
 *
 * @internal
 */
final readonly class OfferWords
{
    /** @return list<Reason> which way up a boxed seal goes, and where it begins */
    public static function wayUp(Phone $phone, Rim $rim, Side $start): array
    {
        $middle = $phone->body->outline->box->centre();
        $marks = [];
        foreach ($rim->openings as $opening) {
            if (abs($opening->centre->x - $middle->x) > 4 || abs($opening->centre->y - $middle->y) > 20) {
                $marks[] = $opening->name;
            }
        }
        $from = new Reason('seal-from', ['side' => $start->value]);

        return $marks === []
            ? [$from]
            : [new Reason('seal-way-up', ['names' => implode(', ', \array_slice($marks, 0, 2))]), $from];
    }

    /** @return list<Reason> */
    public static function tape(TapeLayout $tape): array
    {
        return [
            new Reason('tape-holds', [
                'mm2' => (int) round($tape->holds()),
                'percent' => (int) round(100 * $tape->held),
                'pieces' => \count($tape->pieces),
            ]),
            ...($tape->bare === null ? [] : [
                new Reason('longest-bare', ['mm' => round($tape->bare->length, 1), 'at' => $tape->bare->begins->value]),
            ]),
        ];
    }

    /** @return list<Reason> */
    public static function bead(Bead $bead): array
    {
        $reasons = [
            new Reason('bead-spreads', [
                'mm' => $bead->diameter,
                'wide' => round($bead->width(), 2),
                'gap' => round($bead->gap, 2),
            ]),
        ];
        if (!$bead->inTime()) {
            $reasons[] = new Reason('bead-in-halves', [
                'seconds' => (int) round($bead->seconds()),
                'open' => (int) round($bead->open),
            ]);
        }

        return $reasons;
    }
}
