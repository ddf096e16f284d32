<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Internal\PanelCriteria;
use Facelift\Fit\Internal\PlaceCriteria;

/** Judges a part against the phone and the job, criterion by criterion. */
final readonly class Fitter
{
    public function judge(Phone $phone, Wish $wish, Offer $offer): Fitting
    {
        $place = new PlaceCriteria($phone, $wish, $offer);
        // Glass alone goes on to the phone's own panel: there is no other panel to judge.
        $panel = $offer->kind === ReplacementKind::GlassOnly ? [] : (new PanelCriteria($phone, $offer))->all();

        return new Fitting([...$place->before(), ...$panel, ...$place->after()]);
    }

    /**
     * What a part would fit, whatever the job: every phone and model code that it is sold for.
     *
     * @param list<Phone> $phones
     *
     * @return array<string, Verdict> by phone name and model code; only phones that know a code of the part
     */
    public function wouldFit(array $phones, Offer $offer): array
    {
        $verdicts = [];
        foreach ($phones as $phone) {
            $kinds = array_map(
                static fn(Replacement $r): ReplacementKind => $r->kind,
                array_values($phone->replacements),
            );
            foreach (array_intersect($offer->modelCodes, array_keys($phone->identity->codes)) as $code) {
                $verdicts[$phone->identity->name() . ' ' . $code] = \in_array($offer->kind, $kinds, true)
                    ? $this->judge($phone, new Wish($code, $offer->kind, null), $offer)->verdict()
                    : Verdict::DoesNotFit;
            }
        }

        return $verdicts;
    }
}
