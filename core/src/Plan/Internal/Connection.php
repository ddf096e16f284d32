<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;
use Facelift\Route\Pace;

/**
 * A test connection: the new part's plugs and the battery's on, a gate, and all of them off again.
 *
 * @internal
 */
final readonly class Connection
{
    /** @param list<string> $plugs connectors of the new part */
    public function __construct(private Site $site, private array $plugs) {}

    /** @param string $live names of what is live then */
    public function on(string $live): Step
    {
        $power = $this->site->phone->powerConnector();
        $all = [...$this->plugs, $power->id];

        return Step::of(StepKind::TrialConnect, $power->face, ...$all)
            ->saying(['names' => $this->site->names($this->plugs), 'live' => $live])
            ->taking(Pace::PLUG_IN * \count($all))
            ->minding(Hazard::Live, Hazard::WristStrap)
            ->batteryOff()
            ->leaving(Effects::none()->plugging(...$all));
    }

    public function gate(Gate $gate): Step
    {
        return Step::of(StepKind::Gate, $this->site->steps->face(), ...$this->plugs)
            ->saying(['gate' => $gate->value])
            ->testing($gate)
            ->taking(60.0)
            ->minding(Hazard::Live);
    }

    public function off(): Step
    {
        $power = $this->site->phone->powerConnector();
        $all = [$power->id, ...$this->plugs];

        return Step::of(StepKind::TrialOff, $power->face, ...$all)
            ->saying(['names' => $this->site->names($this->plugs)])
            ->taking(Pace::UNPLUG * \count($all))
            ->because(new Reason('battery-first'))
            ->leaving(Effects::none()->unplugging(...$all));
    }
}
