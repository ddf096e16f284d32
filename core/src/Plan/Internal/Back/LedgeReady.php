<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Apart\Drying;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Pace;

/**
 * The ledge of a bond is cleaned and dry, and its adhesive lies on it; once for a bond.
 *
 * @internal
 */
final readonly class LedgeReady implements Writer
{
    public function __construct(private Site $site, private Bond $bond) {}

    public function write(array $after): string
    {
        $known = $this->site->progress->ledgeBy[$this->bond->id] ?? null;
        if ($known !== null) {
            return $known;
        }
        $this->site->progress->sealing = true;

        return $this->inPassing($after);
    }

    /**
     * While other work goes on: the phase stays what it is.
     *
     * @param list<string> $after
     */
    public function inPassing(array $after): string
    {
        $place = Place::ofFace($this->bond->face);
        $this->site->back($this->cleaned($place), $after);
        $this->site->back(
            Drying::step($place, $this->bond->id, $this->bond->face)->because(new Reason('adhesive-needs-dry')),
        );

        return $this->site->progress->ledgeBy[$this->bond->id] = $this->site->back($this->laid());
    }

    private function cleaned(Place $place): Step
    {
        $length = $this->site->phone->body->glass->perimeter();

        return Step::of(StepKind::CleanLedge, $this->bond->face, $this->bond->id)
            ->saying(['name' => $this->bond->name, 'length' => round($length)])
            ->with(Tool::PlasticScraper)
            ->taking($length * Pace::CLEAN_PER_MM)
            ->minding(Hazard::NoFlameIpa, Hazard::BrokenGlass)
            ->because(new Reason('ridge-lifts-screen'))
            ->leaving(Effects::none()->wetting($place));
    }

    private function laid(): Step
    {
        $seal = $this->site->sealing->seals[$this->bond->id];
        $strips = \count($seal->strips);
        $freed = array_map(fn(string $o): string => $this->site->phone->openings[$o]->name, $seal->freed);
        $step = Step::of(StepKind::LaySeal, $this->bond->face, $this->bond->id)
            ->saying(['name' => $this->bond->name, 'how' => $this->bond->closing->renewal->value])
            ->with(Tool::Tweezers)
            ->taking($strips > 0 ? $strips * Pace::TAPE_STRIP : Pace::PRECUT_SEAL)
            ->because(new Reason('seal-renewed'));

        return $strips === 0 ? $step : $step->noting(
            new Reason('strips', ['count' => $strips, 'metres' => round(array_sum($seal->metres), 2)]),
            ...($freed === [] ? [] : [new Reason('leave-free', ['names' => implode(', ', $freed)])]),
        );
    }
}
