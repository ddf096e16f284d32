<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\FrameMaterial;
use Facelift\Fit\OldPanel;

/** Temperatures that must not be passed, °C. */
final readonly class Limits
{
    /**
     * A panel that is given up may get this hot: from there on it is not the panel but its fumes that one has to mind
     * (engineering estimate).
     */
    private const GIVEN_UP = 120.0;

    /**
     * @param float      $batteryStop      stop heating: 60 °C (common practice)
     * @param float      $batteryCaution   the plan keeps below this, since the bench only follows an estimate
     * @param float      $panel            a panel's sustained limit: the laminate parts at 70–90 °C (common practice)
     * @param float      $panelPeak        a panel bears this for a few seconds, then it is damaged (common practice)
     * @param float      $panelPeakSeconds s between sustained limit and peak in one heating (engineering estimate)
     * @param float|null $plasticFrame     the plan keeps a plastic frame below this; null for a metal one
     * @param float      $skin             not for bare fingers for longer than a minute above 51 °C (ISO 13732-1,
     *     from memory)
     * @param float|null $plasticSoft      a plastic frame goes soft above this: blends of phone frames hold their shape
     *     under load to about 90 °C (engineering estimate, from memory); null for a metal one
     */
    public function __construct(
        public float $batteryStop = 60.0,
        public float $batteryCaution = 58.0,
        public float $panel = 90.0,
        public float $panelPeak = 100.0,
        public float $panelPeakSeconds = 9.0,
        public ?float $plasticFrame = null,
        public float $skin = 51.0,
        public ?float $plasticSoft = null,
    ) {}

    public static function of(FrameMaterial $frame, OldPanel $old = OldPanel::Save): self
    {
        $plastic = $frame === FrameMaterial::Plastic ? 80.0 : null;
        $soft = $frame === FrameMaterial::Plastic ? 85.0 : null;

        return $old === OldPanel::Save
            ? new self(plasticFrame: $plastic, plasticSoft: $soft)
            : new self(panel: self::GIVEN_UP, panelPeak: self::GIVEN_UP, plasticFrame: $plastic, plasticSoft: $soft);
    }

    /** The first limit, in order of danger, that these temperatures have reached; null if none is. */
    public function firstReached(Sample $at): ?Binding
    {
        return match (true) {
            $at->battery >= $this->batteryCaution => Binding::Battery,
            $at->panel >= $this->panel => Binding::Panel,
            $this->plasticFrame !== null && $at->frame >= $this->plasticFrame => Binding::Frame,
            default => null,
        };
    }

    /**
     * The first limit that a phone hotter than estimated is about to pass, within a kelvin or so; null if none is.
     * What is kept clear of by estimate, because the bench only follows one, need not be kept clear of twice.
     */
    public function firstPassed(Sample $hot): ?Binding
    {
        return match (true) {
            $hot->battery >= $this->batteryStop - 1.5 => Binding::Battery,
            $hot->panel >= $this->panel - 1.0 => Binding::Panel,
            $hot->frame >= ($this->plasticSoft ?? \INF) - 1.5 => Binding::Frame,
            default => null,
        };
    }

    /**
     * True if a panel was hotter than its peak, or above its sustained limit for longer than a peak may last.
     *
     * @param list<Sample> $samples in order
     */
    public function panelHurt(array $samples): bool
    {
        $above = 0.0;
        foreach ($samples as $i => $sample) {
            if ($sample->panel >= $this->panelPeak) {
                return true;
            }
            $above += $i > 0 && $sample->panel >= $this->panel ? $sample->second - $samples[$i - 1]->second : 0.0;
        }

        return $above > $this->panelPeakSeconds;
    }
}
