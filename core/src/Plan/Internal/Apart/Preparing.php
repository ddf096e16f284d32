<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * What comes before anything is opened: off, trays out, broken glass taped.
 *
 * @internal
 */
final readonly class Preparing implements Writer
{
    public function __construct(private Site $site) {}

    public function write(array $after): string
    {
        $this->site->inPhase(Phase::Prepare, $this->powerOff());
        foreach ($this->site->phone->parts as $id => $part) {
            if ($part->kind->comesOutFirst()) {
                $step = Step::of(StepKind::TakeOut, $part->face, $id)
                    ->saying(['name' => $part->name])
                    ->with($part->handling->tool)
                    ->taking($part->handling->seconds)
                    ->because(new Reason('out-before-heat'))
                    ->leaving(Effects::none()->lifting($id));
                $this->site->inPhase(Phase::Prepare, $step);
            }
        }
        foreach (Face::cases() as $face) {
            if ($this->site->request->condition->glassBroken($face)) {
                $step = Step::of(StepKind::TapeGlass, $face)
                    ->saying(['face' => $face->value])
                    ->taking(40.0)
                    ->minding(Hazard::BrokenGlass)
                    ->because(new Reason('holds-shards'))
                    ->leaving(Effects::none()->putting(Thing::tape($face)));
                $this->site->inPhase(Phase::Prepare, $step);
            }
        }

        return $this->site->steps->last();
    }

    private function powerOff(): Step
    {
        $can = $this->site->request->condition->canSwitchOff;
        $why = $can ? 'power-off-first' : 'unplug-at-first-reach';
        $hazards = $can ? [Hazard::WristStrap] : [Hazard::WristStrap, Hazard::MayBeLive];

        return Step::of(StepKind::PowerOff, Face::Front)->taking(15.0)->minding(...$hazards)->because(new Reason($why));
    }
}
