<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

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
 * The old part leaves the work, with the tape and picks that are on it.
 *
 * @internal
 */
final readonly class SetAside implements Writer
{
    public function __construct(private Site $site) {}

    public function write(array $after): string
    {
        $replaced = $this->site->request->replacement->replaces;
        $kept = $this->site->isGlassOnly();
        $on = $this->site->steps->stillOn(Thing::TapeFront, Thing::Prop, Thing::Picks);
        $step = Step::of(StepKind::SetAside, $this->site->steps->face(), ...$replaced)
            ->saying(['name' => $this->site->names($replaced)])
            ->taking(15.0)
            ->minding($kept ? Hazard::BrokenGlass : Hazard::Waste)
            ->because(new Reason($kept ? 'own-panel-kept' : 'nothing-left-in-it'))
            ->leaving(Effects::none()->lifting(...$replaced)->taking(...$on));

        $read = $this->site->progress->dataBy;

        return $this->site->steps->add(Phase::Strip, $step, $read === null ? $after : [...$after, $read]);
    }
}
