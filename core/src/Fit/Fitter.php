<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Document\Reason;

/** Judges a part against the phone and the job. */
final readonly class Fitter
{
    public function judge(Phone $phone, Wish $wish, Offer $offer): Fitting
    {
        return new Fitting([
            $this->code($wish, $offer),
            $this->kind($wish, $offer),
            $this->connector($phone, $offer),
            $this->technology($phone, $offer),
            $this->refresh($phone, $offer),
            $this->colour($wish, $offer),
            $this->smallParts($phone, $wish, $offer),
        ]);
    }

    private function code(Wish $wish, Offer $offer): Criterion
    {
        $fits = \in_array($wish->modelCode, $offer->modelCodes, true);

        return new Criterion('model-code', $fits ? Verdict::Fits : Verdict::DoesNotFit, new Reason($fits ? 'code-listed' : 'code-not-listed', ['code' => $wish->modelCode, 'listed' => implode(', ', $offer->modelCodes)]));
    }

    private function kind(Wish $wish, Offer $offer): Criterion
    {
        $fits = $offer->kind === $wish->kind;

        return new Criterion('kind', $fits ? Verdict::Fits : Verdict::DoesNotFit, new Reason($fits ? 'kind-as-chosen' : 'kind-differs', ['kind' => $offer->kind->value, 'wanted' => $wish->kind->value]));
    }

    private function connector(Phone $phone, Offer $offer): Criterion
    {
        if ($offer->connectorCode === null) {
            return self::missing('connector');
        }
        $fits = $offer->connectorCode === $phone->panel->connectorCode;

        return new Criterion('connector', $fits ? Verdict::Fits : Verdict::DoesNotFit, new Reason($fits ? 'connector-same' : 'connector-differs', ['connector' => $offer->connectorCode, 'wanted' => $phone->panel->connectorCode]));
    }

    private function technology(Phone $phone, Offer $offer): Criterion
    {
        if ($offer->technology === null) {
            return self::missing('technology');
        }
        $was = $phone->panel->technology;
        $figures = ['technology' => $offer->technology->value, 'was' => $was->value];
        if ($offer->technology === $was) {
            return new Criterion('technology', Verdict::Fits, new Reason('technology-same', $figures));
        }
        if ($offer->technology === PanelTechnology::Lcd && $phone->panel->readerUnderDisplay) {
            return new Criterion('technology', Verdict::DoesNotFit, new Reason('no-reader-through-lcd', $figures));
        }
        if ($was === PanelTechnology::Lcd) {
            return new Criterion('technology', Verdict::DoesNotFit, new Reason('technology-differs', $figures));
        }

        return new Criterion('technology', Verdict::FitsWithLoss, new Reason($offer->technology === PanelTechnology::Lcd ? 'lcd-for-oled' : 'aftermarket-oled', $figures));
    }

    private function refresh(Phone $phone, Offer $offer): Criterion
    {
        if ($offer->refresh === null) {
            return self::missing('refresh');
        }
        $fits = $offer->refresh >= $phone->panel->refresh;

        return new Criterion('refresh', $fits ? Verdict::Fits : Verdict::FitsWithLoss, new Reason($fits ? 'refresh-kept' : 'refresh-lower', ['refresh' => $offer->refresh, 'was' => $phone->panel->refresh]));
    }

    private function colour(Wish $wish, Offer $offer): Criterion
    {
        if ($wish->colour === null || $offer->colour === null) {
            return $wish->colour === null ? new Criterion('colour', Verdict::Fits, new Reason('colour-open')) : self::missing('colour');
        }
        $fits = $offer->colour === $wish->colour;

        return new Criterion('colour', $fits ? Verdict::Fits : Verdict::FitsWithLoss, new Reason($fits ? 'colour-same' : 'colour-differs', ['colour' => $offer->colour, 'wanted' => $wish->colour]));
    }

    private function smallParts(Phone $phone, Wish $wish, Offer $offer): Criterion
    {
        if ($offer->brings === null) {
            return self::missing('small-parts');
        }
        $paired = array_values(array_filter($offer->brings, static fn(string $id): bool => isset($phone->parts[$id]) && $phone->parts[$id]->pairing !== Pairing::None));
        if ($paired !== []) {
            return new Criterion('small-parts', Verdict::FitsWithLoss, new Reason('paired-part-fitted', ['parts' => self::named($phone, $paired)]));
        }
        $listed = array_merge(...array_map(static fn(Replacement $r): array => $r->kind === $wish->kind ? $r->brings : [], array_values($phone->replacements)));
        $missing = array_values(array_diff($listed, $offer->brings));

        return $missing === []
            ? new Criterion('small-parts', Verdict::Fits, new Reason('small-parts-as-listed'))
            : new Criterion('small-parts', Verdict::DoesNotFit, new Reason('small-parts-missing', ['parts' => self::named($phone, $missing)]));
    }

    /** @param list<string> $ids */
    private static function named(Phone $phone, array $ids): string
    {
        return implode(', ', array_map(static fn(string $id): string => isset($phone->parts[$id]) ? $phone->parts[$id]->name : $id, $ids));
    }

    private static function missing(string $criterion): Criterion
    {
        return new Criterion($criterion, Verdict::Unknown, new Reason('datum-missing', ['datum' => $criterion]));
    }
}
