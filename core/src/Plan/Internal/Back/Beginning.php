<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Tool;
use Facelift\Calibration\MemoryTransfer;
use Facelift\Document\Reason;
use Facelift\Plan\Internal\NewPart;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * What comes before anything is put back: the old display's data copied, the new part made ready.
 *
 * @internal
 */
final readonly class Beginning implements Writer
{
    public function __construct(private Site $site) {}

    public function write(array $after): string
    {
        if (MemoryTransfer::of($this->site->phone->panel)->needed) {
            $this->site->inPhase(Phase::MoveOver, $this->programmer(StepKind::ReadMemory, 'read-before-binned'));
            $this->site->inPhase(Phase::MoveOver, $this->programmer(StepKind::WriteMemory, 'verified-by-reading-back'));
        }

        return $this->site->inPhase(Phase::MoveOver, (new NewPart($this->site))->prepare());
    }

    private function programmer(StepKind $kind, string $why): Step
    {
        return Step::of($kind, $this->site->steps->face())
            ->with(Tool::PanelProgrammer)
            ->taking(60.0)
            ->because(new Reason($why));
    }
}
