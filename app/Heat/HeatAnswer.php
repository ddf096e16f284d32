<?php

declare(strict_types=1);

namespace App\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Heat\ContactFit;
use Facelift\Heat\FollowedHeating;
use Facelift\Heat\HeatedSpan;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\Reading;
use Facelift\Heat\Sample;

/** A heating that is followed, as the page gets it. */
final readonly class HeatAnswer
{
    /** @return array<string, mixed> */
    public static function of(Bond $on, FollowedHeating $followed, ?ContactFit $fit): array
    {
        $pace = PaceCurve::of($on->adhesive, $followed->window);
        $record = $followed->record;
        $lift = $followed->lift();
        $grips = $followed->grips();
        $at = static fn(float $second): int => $record->from + (int) round(1000 * $second);

        return [
            'bond' => $on->id,
            'from' => $record->from,
            'on' => $record->on,
            'keptAt' => $record->isHeld() ? $record->last()->keptAt : null,
            'window' => ['low' => $followed->window->low, 'high' => $followed->window->high],
            'samples' => array_map(static fn(Sample $s): array => self::sample($s, $pace), $followed->samples),
            'heats' => array_map(
                static fn(HeatedSpan $h): array => ['from' => $h->on, 'to' => $h->off],
                $record->heats,
            ),
            'readings' => array_map(
                static fn(Reading $r): array => [
                    't' => $r->second,
                    'probe' => $r->probe->value,
                    'celsius' => $r->celsius,
                    'sticker' => $r->sticker?->value,
                ],
                $record->readings,
            ),
            'fit' => $fit === null ? null : self::fit($fit),
            'liftAt' => $lift === null ? null : $at($lift[0]),
            'liftBecause' => $record->on ? ($lift[1]->value ?? 'time') : null,
            'gripsAt' => $grips === null ? null : $at($grips),
            'panelUsed' => round($followed->panelUsed(), 3),
            'panelHurt' => $followed->panelHurt(),
        ];
    }

    /** @return array<string, float> */
    private static function sample(Sample $s, PaceCurve $pace): array
    {
        return [
            't' => $s->second,
            'bond' => round($s->bond, 1),
            'panel' => round($s->panel, 1),
            'battery' => round($s->battery, 1),
            'outer' => round($s->outerFace, 1),
            'pace' => round($pace->at($s->bond), 2),
        ];
    }

    /** @return array<string, mixed> what readings say of a contact */
    public static function fit(ContactFit $fit): array
    {
        return [
            'coefficient' => round($fit->coefficient, 1),
            'low' => round($fit->low, 1),
            'high' => round($fit->high, 1),
            'misfit' => round($fit->misfit, 2),
            'implausible' => $fit->implausible?->value,
            'used' => $fit->used,
            'contradicted' => $fit->contradicted,
        ];
    }
}
