<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
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

        return $steps->add(
            Phase::Trial,
            $this->trial->extension ? $off->leaving($off->effects->taking(Thing::TestExtension)) : $off,
        );
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
