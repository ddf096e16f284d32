<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Pace;

/** @internal */
final readonly class PlugOff implements Writer
{
    public function __construct(private Site $site, private Connector $plug) {}

    public function write(array $after): string
    {
        $c = $this->plug;
        $step = Step::of(StepKind::Unplug, $c->face, $c->id)
            ->saying(['name' => $c->name, 'connector' => $c->kind->value])
            ->with(Tool::Spudger)
            ->taking(Pace::UNPLUG)
            ->leaving(Effects::none()->unplugging($c->id));
        $step = match (true) {
            $c->power => $step->minding(Hazard::WristStrap)->because(new Reason('battery-first')),
            $c->passive => $step->because(new Reason('lead-carries-no-supply')),
            default => $step->batteryOff(),
        };

        return $this->site->apart($step->because(...$this->site->becauseOf($c->id)), $after);
    }
}
