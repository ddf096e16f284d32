<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Move;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Proof\GateTests;
use Facelift\Route\Pace;
use Facelift\Route\Route;
use Facelift\Seal\SealPlan;

/** The whole job, computed. What is written of it (`PlanDocument`) is read back as the same (`PlanReader`). */
final readonly class Plan
{
    /**
     * @param array<string, Step>      $steps   by id, in order; empty if the plan does not work
     * @param array<string, GateTests> $gates   by gate, in order
     * @param int                      $changes tool changes and turns of the phone
     * @param list<SchoolFigures>      $schools both ways of moving parts over, where there are two
     * @param list<Strategy>             $strategies of every source, side by side; empty if none were compared
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
        public array $strategies = [],
    ) {}

    /** @param list<SchoolFigures> $schools */
    public function beside(array $schools): self
    {
        return $this->but(schools: $schools);
    }

    /** @param list<Strategy> $strategies of every source that it was chosen among */
    public function among(array $strategies): self
    {
        return $this->but(strategies: $strategies);
    }

    /** @param array<string, Step> $steps by id, in order */
    public function withSteps(array $steps): self
    {
        return $this->but(steps: $steps);
    }

    /**
     * The same with more to be said.
     *
     * @param list<Warning> $warnings
     * @param list<Reason>  $customer
     */
    public function remarking(array $warnings, array $customer): self
    {
        return $this->but(remarks: new Remarks(
            [...$this->remarks->warnings, ...$warnings],
            [...$this->remarks->customer, ...$customer],
        ));
    }

    /** The same with one bond made again otherwise. */
    public function sealed(SealPlan $seal): self
    {
        return $this->but(sealing: $this->sealing->sealed($seal));
    }

    /** The same with one bond opened otherwise. */
    public function opening(EdgeOpening $opening): self
    {
        return $this->but(sealing: $this->sealing->opening($opening));
    }

    /**
     * @param array<string, Step>|null $steps
     * @param list<SchoolFigures>|null $schools
     * @param list<Strategy>|null      $strategies
     */
    private function but(
        ?array $steps = null,
        ?Sealing $sealing = null,
        ?array $schools = null,
        ?array $strategies = null,
        ?Remarks $remarks = null,
    ): self {
        return new self(
            $this->basis,
            $this->route,
            $steps ?? $this->steps,
            $sealing ?? $this->sealing,
            $this->gates,
            $this->mat,
            $this->changes,
            $remarks ?? $this->remarks,
            $schools ?? $this->schools,
            $strategies ?? $this->strategies,
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
            $clock = max($clock, $ready) + $step->manner->work() + ($step->manner->tool === null ? 0.0 : Pace::CHANGE);
            $done[$id] = $clock + ($step->manner->attended ? 0.0 : $step->manner->wait);
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
        return array_sum(array_map(static fn(Step $s): float => $s->manner->work(), $this->steps));
    }

    /** s that need no hands */
    public function waiting(): float
    {
        return array_sum(array_map(
            static fn(Step $s): float => $s->manner->attended ? 0.0 : $s->manner->wait,
            $this->steps,
        ));
    }

    /** @return list<string> ids of the steps that heat a bond, in order */
    public function heatingsOf(string $bond): array
    {
        return array_keys(array_filter($this->steps, static fn(Step $s): bool => $s->heatedBond() === $bond));
    }

    /** @return Move|null the move of an opening that a step is; null if it is none */
    public function moveOf(Step $step): ?Move
    {
        $of = $step->act->move;

        return $of === null ? null : $this->sealing->openings[$of->bond]->moves[$of->index] ?? null;
    }
}
