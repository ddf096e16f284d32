<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Moment;
use Facelift\Condition\Observation as Seen;
use Facelift\Document\Reason;

/** Rules layers in or out from what was seen. Common practice of the trade, no published source. */
final readonly class Diagnostician
{
    /** A cause with at least this share is called broken. */
    private const AS_GOOD_AS_SURE = 0.95;

    public function diagnose(Condition $seen, PanelTechnology $technology): Finding
    {
        $inference = new Inference($technology, $seen->glassBroken(Face::Front) ? Glass::Cracked : Glass::Whole);
        $suspects = [];
        $conflicts = [];
        $next = null;
        foreach ($this->symptoms($seen, $technology) as $symptom) {
            $evidence = Evidence::in($seen, $symptom->checks($technology));
            $conflict = $inference->conflict($symptom, $evidence);
            if ($conflict !== []) {
                $conflicts[] = self::conflictWords($conflict);
                // What contradicts itself tells nothing: the rest is weighed, and one of them is to be made again.
                $evidence = array_values(
                    array_udiff(
                        $evidence,
                        $conflict,
                        static fn(Evidence $a, Evidence $b): int => [$a->check->value, $a->result] <=> [
                            $b->check->value,
                            $b->result,
                        ],
                    ),
                );
            }
            array_push($suspects, ...$inference->suspects($symptom, $evidence));
            $next = self::better(
                $next,
                $inference->next($symptom, $evidence, Moment::Counter)
                    ?? $inference->next($symptom, $evidence, Moment::Opened),
            );
        }
        $verdicts = [
            ...$this->looked($seen, $technology),
            ...array_merge(...array_map($this->suspected(...), $suspects)),
        ];

        return new Finding(
            $this->worstOfEach($verdicts),
            $suspects,
            [...$this->contradictions($seen, $technology), ...$conflicts],
            $next,
        );
    }

    /** @return list<Symptom> those that the look alone does not explain */
    private function symptoms(Condition $seen, PanelTechnology $technology): array
    {
        $marked = $seen->shows(Seen::Lines, Seen::Spots, Seen::Flicker);
        $dark = !$marked
            && ($seen->shows(Seen::NoImage)
                || ($seen->shows(Seen::DimImage) && !$technology->isSelfLit())
                || $seen->stateOf(PhoneFunction::Image) === FunctionState::Fails);
        // With a dark screen touch cannot be judged: its own fault would only be a guess.
        $dead = !$dark && $this->touchIsDead($seen) && !$seen->glassBroken(Face::Front);

        return [...($dark ? [Symptom::Dark] : []), ...($dead ? [Symptom::TouchDead] : [])];
    }

    private function touchIsDead(Condition $seen): bool
    {
        return $seen->shows(Seen::NoTouch, Seen::DeadZones)
            || $seen->stateOf(PhoneFunction::Touch) === FunctionState::Fails;
    }

    /** @return list<LayerVerdict> what the look alone tells */
    private function looked(Condition $seen, PanelTechnology $technology): array
    {
        $glass = $seen->glassBroken(Face::Front);
        $verdicts = [
            $glass
                ? self::verdict(ScreenLayer::CoverGlass, Likelihood::Broken, 'glass-cracked')
                : self::verdict(ScreenLayer::CoverGlass, Likelihood::Whole, 'glass-whole'),
        ];
        foreach (array_filter([Seen::Lines, Seen::Spots, Seen::Flicker], $seen->shows(...)) as $mark) {
            $verdicts[] = self::verdict(ScreenLayer::DisplayPanel, Likelihood::Broken, 'panel-shows-' . $mark->value);
        }
        if (
            $seen->stateOf(PhoneFunction::Image) === FunctionState::Works
            && !$seen->shows(Seen::NoImage, Seen::DimImage)
        ) {
            $verdicts[] = self::verdict(ScreenLayer::DisplayPanel, Likelihood::Whole, 'image-works');
        }
        if ($this->touchIsDead($seen) && $glass) {
            $verdicts[] = self::verdict(ScreenLayer::Digitizer, Likelihood::Broken, 'touch-dead-under-cracks');
        }
        if (!$this->touchIsDead($seen) && $seen->stateOf(PhoneFunction::Touch) === FunctionState::Works) {
            $verdicts[] = self::verdict(ScreenLayer::Digitizer, Likelihood::Whole, 'touch-works');
        }
        if ($seen->shows(Seen::FrameBent)) {
            $verdicts[] = self::verdict(ScreenLayer::Frame, Likelihood::Broken, 'frame-bent');
        }
        if ($seen->shows(Seen::DimImage) && !$technology->isSelfLit()) {
            $verdicts[] = self::verdict(ScreenLayer::Board, Likelihood::Possible, 'backlight-circuit-on-board');
        }

        return $verdicts;
    }

    /** @return list<LayerVerdict> one; none for a cause that was ruled out, unless its layer is the panel's */
    private function suspected(Suspect $suspect): array
    {
        if ($suspect->share <= 0.0) {
            return [];
        }
        $likelihood = $suspect->share >= self::AS_GOOD_AS_SURE ? Likelihood::Broken : Likelihood::Possible;

        return [
            new LayerVerdict($suspect->cause->layer(), $likelihood, [
                new Reason('cause-' . $suspect->cause->value, ['percent' => (int) round(100 * $suspect->share)]),
            ]),
        ];
    }

    /** @return list<Reason> */
    private function contradictions(Condition $seen, PanelTechnology $technology): array
    {
        $found = [];
        if ($seen->shows(Seen::NoImage) && $seen->stateOf(PhoneFunction::Image) === FunctionState::Works) {
            $found[] = new Reason('no-image-but-image-works');
        }
        if ($seen->shows(Seen::NoTouch) && $seen->stateOf(PhoneFunction::Touch) === FunctionState::Works) {
            $found[] = new Reason('no-touch-but-touch-works');
        }
        if ($seen->shows(Seen::NoImage) && $seen->shows(Seen::Lines, Seen::Flicker, Seen::DimImage)) {
            $found[] = new Reason('no-image-but-image-seen');
        }
        if ($seen->shows(Seen::DimImage) && $technology->isSelfLit()) {
            $found[] = new Reason('dim-image-without-backlight');
        }

        return $found;
    }

    /** @param list<Evidence> $conflict */
    private static function conflictWords(array $conflict): Reason
    {
        return new Reason('evidence-conflict', [
            'evidence' => implode(
                ' ',
                array_map(static fn(Evidence $e): string => $e->check->value . ':' . $e->result, $conflict),
            ),
        ]);
    }

    private static function better(?NextCheck $a, ?NextCheck $b): ?NextCheck
    {
        return $a === null || ($b !== null && $b->bits > $a->bits) ? $b : $a;
    }

    /**
     * @param list<LayerVerdict> $verdicts
     *
     * @return list<LayerVerdict> one per layer: the strongest, with all its reasons
     */
    private function worstOfEach(array $verdicts): array
    {
        $out = [];
        foreach (ScreenLayer::cases() as $layer) {
            foreach (Likelihood::cases() as $likelihood) {
                $same = array_values(
                    array_filter(
                        $verdicts,
                        static fn(LayerVerdict $v): bool => $v->layer === $layer && $v->likelihood === $likelihood,
                    ),
                );
                if ($same !== []) {
                    $out[] = new LayerVerdict(
                        $layer,
                        $likelihood,
                        array_merge(...array_map(static fn(LayerVerdict $v): array => $v->because, $same)),
                    );
                    break;
                }
            }
        }

        return $out;
    }

    private static function verdict(ScreenLayer $layer, Likelihood $likelihood, string $why): LayerVerdict
    {
        return new LayerVerdict($layer, $likelihood, [new Reason($why)]);
    }
}
