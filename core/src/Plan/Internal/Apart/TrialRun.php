<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Connection;
use Facelift\Plan\Internal\NewPart;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;
use Facelift\Route\Trial;

/**
 * The new part is connected and proven before the old is stripped.
 *
 * @internal
 */
final readonly class TrialRun implements Writer
{
    public function __construct(private Site $site, private Trial $trial) {}

    public function write(array $after): string
    {
        $steps = $this->site->steps;
        $connection = new Connection($this->site, $this->trial->connect);
        $steps->add(Phase::Trial, (new NewPart($this->site))->inspect(), $after);
        $battery = $this->batteryOut();
        if ($battery !== null) {
            $steps->add(
                Phase::Trial,
                $this->laid($battery, StepKind::FitPart)->because(new Reason('laid-in-for-trial')),
            );
        }
        $steps->add(
            Phase::Trial,
            $this->over($connection->on($this->site->names($this->trial->live)))->because(...$this->because()),
        );
        $steps->add(Phase::Trial, $connection->gate(Gate::Trial)->because(new Reason('proven-before-stripped')));
        if ($this->site->request->provesFirst()) {
            $steps->add(Phase::Trial, $this->proof());
        }
        $this->site->progress->proven = true;
        $off = $connection->off();

        $last = $steps->add(
            Phase::Trial,
            $this->trial->extension ? $off->leaving($off->effects->taking(Thing::TestExtension)) : $off,
        );

        return $battery === null ? $last : $steps->add(
            Phase::Trial,
            $this->laid($battery, StepKind::LiftPart)->because(new Reason('out-again-after-trial')),
        );
    }

    /** A battery that lies on the table feeds nothing; null if it is in the phone. */
    private function batteryOut(): ?Part
    {
        foreach ($this->site->phone->parts as $part) {
            if ($part->kind === PartKind::Battery && $this->site->steps->isOut($part->id)) {
                return $part;
            }
        }

        return null;
    }

    /** The battery into its well for the trial, or out of it again: nothing is fastened. */
    private function laid(Part $battery, StepKind $how): Step
    {
        $effects = $how === StepKind::FitPart
            ? Effects::none()->fitting($battery->id)
            : Effects::none()->lifting($battery->id);

        return Step::of($how, $battery->face, $battery->id)
            ->saying(['name' => $battery->name])
            ->with($battery->handling->tool)
            ->taking($battery->handling->seconds)
            ->minding(Hazard::Cell, Hazard::BentCell)
            ->leaving($effects);
    }

    private function over(Step $on): Step
    {
        return $this->trial->extension ? $on->leaving($on->effects->putting(Thing::TestExtension)) : $on;
    }

    /** @return list<Reason> */
    private function because(): array
    {
        $panel = $this->site->phone->panel;
        $figures = [
            'flex' => $this->site->request->replacement->flexLength,
            'needed' => $panel->flexNeeded,
            'extension' => $panel->testExtension,
        ];

        return [
            new Reason('smallest-live-set'),
            ...$this->trial->extension ? [new Reason('trial-over-extension', $figures)] : [],
        ];
    }

    private function proof(): Step
    {
        return Step::of(StepKind::ProvePanel, $this->site->steps->face(), ...$this->trial->connect)
            ->saying(['name' => $this->site->request->replacement->name])
            ->taking(60.0)
            ->minding(Hazard::Live)
            ->because(new Reason('known-good-panel-first'));
    }
}
