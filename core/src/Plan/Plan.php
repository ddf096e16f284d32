<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Proof\GateTests;
use Facelift\Route\Route;
use Facelift\Seal\SealPlan;

/** The whole job, computed. */
final readonly class Plan
{
    /**
     * @param list<Step>              $steps    empty if the plan does not work
     * @param array<string, Opening>  $openings by bond, in the order of cutting
     * @param array<string, SealPlan> $seals    by bond
     * @param list<GateTests>         $gates    in order
     * @param list<Reason>            $warnings what keeps the plan from working, or has to be known before starting
     * @param list<Reason>            $customer what the customer has to hear
     * @param list<SchoolFigures>     $schools  both ways of moving parts over, where there are two
     */
    public function __construct(
        public Request $request,
        public Route $route,
        public array $steps,
        public array $openings,
        public array $seals,
        public array $gates,
        public ScrewMat $mat,
        public int $changes,
        public array $warnings,
        public array $customer,
        public array $schools = [],
    ) {}

    /** @param list<SchoolFigures> $schools */
    public function with(array $schools): self
    {
        return new self($this->request, $this->route, $this->steps, $this->openings, $this->seals, $this->gates, $this->mat, $this->changes, $this->warnings, $this->customer, $schools);
    }

    public function figures(): SchoolFigures
    {
        return new SchoolFigures($this->request->school, $this->elapsed(), $this->handsOn(), $this->changes);
    }

    public function works(): bool
    {
        return $this->steps !== [];
    }

    /**
     * Seconds from the first step to the last if one person works: a wait that needs no hands goes on while other steps are done,
     * tools are changed, and by one school parts are laid aside and found again.
     */
    public function elapsed(): float
    {
        $clock = 0.0;
        $done = [];
        foreach ($this->steps as $step) {
            $ready = max([0.0, ...array_map(static fn(string $id): float => $done[$id] ?? 0.0, $step->after)]);
            $clock = max($clock, $ready) + $step->hands + ($step->tool === null ? 0.0 : Pace::CHANGE);
            $done[$step->id] = $clock + $step->wait;
        }
        $laidAside = $this->request->school === School::StripThenBuild ? Pace::LAY_ASIDE * \count($this->route->moved) : 0.0;

        return max([$clock, ...array_values($done)]) + $laidAside;
    }

    /** How often the battery is plugged in: at the end, and once more for every test before that. */
    public function batteryCycles(): int
    {
        $power = $this->request->phone->powerConnector()->id;

        return \count(array_filter($this->steps, static fn(Step $s): bool => \in_array($power, $s->effects->on, true)));
    }

    /** s */
    public function handsOn(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->hands, $this->steps));
    }

    /** s that need no hands */
    public function waiting(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->wait, $this->steps));
    }
}
