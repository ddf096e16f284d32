<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Fasteners\ScrewMat;
use Facelift\Proof\GateTests;
use Facelift\Route\Pace;
use Facelift\Route\Route;

/** The whole job, computed. What is written of it (`PlanDocument`) is read back as the same (`PlanReader`). */
final readonly class Plan
{
    /**
     * @param array<string, Step>      $steps   by id, in order; empty if the plan does not work
     * @param array<string, GateTests> $gates   by gate, in order
     * @param int                      $changes tool changes and turns of the phone
     * @param list<SchoolFigures>      $schools both ways of moving parts over, where there are two
     */
    public function __construct(
        public Basis $basis,
        public Route $route,
        public array $steps,
        public Sealing $sealing,
        public array $gates,
        public ScrewMat $mat,
        public int $changes,
        public Remarks $remarks,
        public array $schools = [],
    ) {}

    /** @param list<SchoolFigures> $schools */
    public function beside(array $schools): self
    {
        return new self(
            $this->basis,
            $this->route,
            $this->steps,
            $this->sealing,
            $this->gates,
            $this->mat,
            $this->changes,
            $this->remarks,
            $schools,
        );
    }

    /** @param array<string, Step> $steps by id, in order */
    public function withSteps(array $steps): self
    {
        return new self(
            $this->basis,
            $this->route,
            $steps,
            $this->sealing,
            $this->gates,
            $this->mat,
            $this->changes,
            $this->remarks,
            $this->schools,
        );
    }

    public function figures(): SchoolFigures
    {
        return new SchoolFigures(
            $this->basis->school,
            round($this->elapsed()),
            round($this->handsOn()),
            $this->changes,
        );
    }

    public function works(): bool
    {
        return $this->steps !== [];
    }

    /**
     * Seconds from the first step to the last if one person works: a wait that needs no hands goes on while other
     * steps are done,
     * tools are changed, and by one school parts are laid aside and found again.
     */
    public function elapsed(): float
    {
        $clock = 0.0;
        $done = [];
        foreach ($this->steps as $id => $step) {
            $ready = max([0.0, ...array_map(static fn(string $before): float => $done[$before] ?? 0.0, $step->after)]);
            $clock = max($clock, $ready) + $step->manner->hands + ($step->manner->tool === null ? 0.0 : Pace::CHANGE);
            $done[$id] = $clock + $step->manner->wait;
        }
        $aside = $this->basis->school === School::StripThenBuild ? Pace::LAY_ASIDE * \count($this->route->moved) : 0.0;

        return max([$clock, ...array_values($done)]) + $aside;
    }

    /** How often the battery is plugged in: at the end, and once more for every test before that. */
    public function batteryCycles(): int
    {
        $power = $this->power();

        return \count(
            array_filter(
                $this->steps,
                static fn(Step $s): bool => \in_array($power, $s->effects->connectors->in, true),
            ),
        );
    }

    /** Id of the battery's connector. */
    public function power(): string
    {
        return $this->basis->phone->powerConnector()->id;
    }

    /** s */
    public function handsOn(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->manner->hands, $this->steps));
    }

    /** s that need no hands */
    public function waiting(): float
    {
        return array_sum(array_map(static fn(Step $s): float => $s->manner->wait, $this->steps));
    }

    /** @return list<string> ids of the steps that heat a bond, in order */
    public function heatingsOf(string $bond): array
    {
        return array_keys(array_filter($this->steps, static fn(Step $s): bool => $s->heatedBond() === $bond));
    }
}
