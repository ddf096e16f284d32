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
        $before = new BeforeAdhesive($this->site, $this->bond);
        foreach ($before->cleared() as $step) {
            $after = [...$after, $this->site->back($step, $after)];
        }
        $this->site->back($this->cleaned($place), $after);
        $this->site->back($before->ridge());
        $this->site->back(
            Drying::step($place, $this->bond->id, $this->bond->face)->because(new Reason('adhesive-needs-dry')),
        );
        $seal = new SealSteps($this->site->phone, $this->bond, $this->site->sealing->seals[$this->bond->id]);
        $dryFit = $before->isNew() ? $seal->dryFit($this->site->request->replacement->name) : null;
        if ($dryFit !== null) {
            $this->site->back($dryFit);
        }

        return $this->site->progress->ledgeBy[$this->bond->id] = $this->site->back($seal->laid());
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
}
