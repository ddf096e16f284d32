<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Observation as Seen;
use Facelift\Document\Reason;

/** Rules layers in or out from what was seen. Common practice of the trade, no published source. */
final readonly class Diagnostician
{
    public function diagnose(Condition $seen, PanelTechnology $technology): Finding
    {
        $glass = $seen->glassBroken(Face::Front);
        $verdicts = array_merge(
            $this->glass($glass),
            $this->panel($seen, $glass, $technology),
            $this->touch($seen, $glass),
            $this->frame($seen),
        );

        return new Finding($this->worstOfEach($verdicts), $this->contradictions($seen, $technology), $this->proveFirst($verdicts));
    }

    /** @return list<LayerVerdict> */
    private function glass(bool $broken): array
    {
        return [$broken
            ? self::verdict(ScreenLayer::CoverGlass, Likelihood::Broken, 'glass-cracked')
            : self::verdict(ScreenLayer::CoverGlass, Likelihood::Whole, 'glass-whole')];
    }

    /** @return list<LayerVerdict> */
    private function panel(Condition $seen, bool $glass, PanelTechnology $technology): array
    {
        $marks = array_values(array_filter([Seen::Lines, Seen::Spots, Seen::Flicker], $seen->shows(...)));
        if ($marks !== []) {
            return array_map(static fn(Seen $m): LayerVerdict => self::verdict(ScreenLayer::DisplayPanel, Likelihood::Broken, 'panel-shows-' . $m->value), $marks);
        }
        if ($seen->shows(Seen::DimImage)) {
            return $technology->isSelfLit() ? [] : [
                self::verdict(ScreenLayer::Backlight, Likelihood::Broken, 'dim-image-in-torchlight'),
                self::verdict(ScreenLayer::Board, Likelihood::Possible, 'backlight-circuit-on-board'),
            ];
        }
        if ($seen->shows(Seen::NoImage) || $seen->stateOf(PhoneFunction::Image) === FunctionState::Fails) {
            return $this->dark($seen, $glass);
        }

        return $seen->stateOf(PhoneFunction::Image) === FunctionState::Works
            ? [self::verdict(ScreenLayer::DisplayPanel, Likelihood::Whole, 'image-works')] : [];
    }

    /** @return list<LayerVerdict> */
    private function dark(Condition $seen, bool $glass): array
    {
        if ($seen->shows(Seen::Blotches)) {
            return [self::verdict(ScreenLayer::DisplayPanel, Likelihood::Broken, $glass ? 'blotches-against-light' : 'panel-broken-under-whole-glass')];
        }
        $why = $seen->shows(Seen::StillRings) ? 'dark-but-alive' : 'dark-and-silent';

        return array_map(static fn(ScreenLayer $l): LayerVerdict => self::verdict($l, Likelihood::Possible, $why), [ScreenLayer::DisplayPanel, ScreenLayer::Connector, ScreenLayer::Board]);
    }

    /** @return list<LayerVerdict> */
    private function touch(Condition $seen, bool $glass): array
    {
        $dead = $seen->shows(Seen::NoTouch, Seen::DeadZones) || $seen->stateOf(PhoneFunction::Touch) === FunctionState::Fails;
        if (!$dead) {
            return $seen->stateOf(PhoneFunction::Touch) === FunctionState::Works
                ? [self::verdict(ScreenLayer::Digitizer, Likelihood::Whole, 'touch-works')] : [];
        }
        if ($glass) {
            return [self::verdict(ScreenLayer::Digitizer, Likelihood::Broken, 'touch-dead-under-cracks')];
        }

        return array_map(static fn(ScreenLayer $l): LayerVerdict => self::verdict($l, Likelihood::Possible, 'touch-dead-glass-whole'), [ScreenLayer::Digitizer, ScreenLayer::Connector, ScreenLayer::Board]);
    }

    /** @return list<LayerVerdict> */
    private function frame(Condition $seen): array
    {
        return $seen->shows(Seen::FrameBent) ? [self::verdict(ScreenLayer::Frame, Likelihood::Broken, 'frame-bent')] : [];
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
                $same = array_values(array_filter($verdicts, static fn(LayerVerdict $v): bool => $v->layer === $layer && $v->likelihood === $likelihood));
                if ($same !== []) {
                    $out[] = new LayerVerdict($layer, $likelihood, array_merge(...array_map(static fn(LayerVerdict $v): array => $v->because, $same)));
                    break;
                }
            }
        }

        return $out;
    }

    /** @param list<LayerVerdict> $verdicts */
    private function proveFirst(array $verdicts): bool
    {
        return array_filter($verdicts, static fn(LayerVerdict $v): bool => $v->likelihood === Likelihood::Possible) !== [];
    }

    private static function verdict(ScreenLayer $layer, Likelihood $likelihood, string $why): LayerVerdict
    {
        return new LayerVerdict($layer, $likelihood, [new Reason($why)]);
    }
}
