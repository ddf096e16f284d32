<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Plan\Internal\ChipSteps;
use Facelift\Plan\Internal\DataSteps;
use Facelift\Plan\Internal\NewPart;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;

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
        $data = new DataSteps($this->site);
        if ($data->isCopied()) {
            $data->write();
        }
        (new ChipSteps($this->site))->write();

        return $this->site->inPhase(Phase::MoveOver, (new NewPart($this->site))->prepare());
    }
}
