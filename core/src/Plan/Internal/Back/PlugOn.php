<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

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
final readonly class PlugOn implements Writer
{
    public function __construct(private Site $site, private Connector $plug) {}

    public function write(array $after): string
    {
        $c = $this->plug;
        $step = Step::of(StepKind::PlugIn, $c->face, $c->id)
            ->saying(['name' => $c->name, 'connector' => $c->kind->value])
            ->with(Tool::Spudger)
            ->taking(Pace::PLUG_IN)
            ->because(new Reason($c->power ? 'battery-last' : 'felt-and-heard'))
            ->leaving(Effects::none()->plugging($c->id));
        $step = $c->passive ? $step : $step->batteryOff();
        $done = $this->site->back($c->power ? $step->minding(Hazard::WristStrap) : $step, $after);
        $this->site->progress->live = $this->site->progress->live || $c->power;

        return $done;
    }
}
