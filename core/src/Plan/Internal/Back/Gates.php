<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Document\Reason;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;

/**
 * Tests on the way back.
 *
 * @internal
 */
final readonly class Gates
{
    /** s of hands (common practice, no source) */
    private const SECONDS = 90.0;

    public function __construct(private Site $site) {}

    /**
     * Before a back is shut over a display that is bonded and live.
     *
     * @param list<string> $after
     *
     * @return list<string> with the gate, if there is one
     */
    public function whileOpen(array $after): array
    {
        $progress = $this->site->progress;

        return $progress->live && $progress->displayShut
            ? [...$after, $this->at(Gate::Bonded, 'back-still-open', $after)]
            : $after;
    }

    /** @param list<string> $after */
    public function at(Gate $gate, string $why, array $after): string
    {
        $this->site->progress->closing = true;
        $step = Step::of(StepKind::Gate, $this->site->steps->face())
            ->saying(['gate' => $gate->value])
            ->testing($gate)
            ->taking(self::SECONDS)
            ->noting(...($gate === Gate::Finished ? [new Reason('protector-last')] : []))
            ->because(new Reason($why));

        return $this->site->steps->add($gate === Gate::Finished ? Phase::Finish : Phase::Close, $step, $after);
    }
}
