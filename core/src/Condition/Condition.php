<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;

/** The state of a phone before anything is opened. */
final readonly class Condition
{
    /** A stretch is crazed where a crack comes this near to the edge, mm (common practice, no source). */
    private const NEAR_EDGE = 4.0;

    /**
     * @param list<Observation>            $observations
     * @param list<Mark>                   $marks       drawn on the mat
     * @param array<string, FunctionState> $functions   by the function's code
     * @param list<RepairSign>             $repairSigns
     * @param list<string>                 $takenOut    ids of parts, or `case`, `card`, `protector`
     * @param bool                         $canSwitchOff without the owner
     * @param list<CheckResult>            $checks      one per check at most
     */
    public function __construct(
        public array $observations,
        public array $marks,
        public array $functions,
        public array $repairSigns,
        public array $takenOut,
        public bool $canSwitchOff,
        public bool $dataNeeded,
        public array $checks = [],
        public Payer $payer = Payer::Customer,
    ) {}

    /**
     * Nothing known but a list of observations.
     *
     * @param list<Observation> $observations
     */
    public static function observed(array $observations): self
    {
        return new self(
            $observations,
            [],
            [],
            [],
            [],
            true,
            false,
        );
    }

    public function shows(Observation ...$any): bool
    {
        return array_filter($any, fn(Observation $o): bool => \in_array($o, $this->seen(), true)) !== [];
    }

    /**
     * What was ticked, and what the marks on the mat amount to.
     *
     * @return list<Observation>
     */
    public function seen(): array
    {
        $drawn = array_filter(
            array_map(static fn(Mark $m): ?Observation => $m->kind->amountsTo($m->face), $this->marks),
        );

        return array_values(
            array_filter(
                Observation::cases(),
                fn(Observation $o): bool => \in_array($o, $this->observations, true) || \in_array($o, $drawn, true),
            ),
        );
    }

    public function stateOf(PhoneFunction $function): FunctionState
    {
        return $this->functions[$function->value] ?? FunctionState::CannotTest;
    }

    public function glassBroken(Face $face): bool
    {
        return $this->shows($face === Face::Front ? Observation::CrackedGlass : Observation::BackCracked);
    }

    /** @return list<Mark> */
    public function cracks(Face $face): array
    {
        return array_values(
            array_filter($this->marks, static fn(Mark $m): bool => $m->kind === MarkKind::Crack && $m->face === $face),
        );
    }

    public function resultOf(Check $check): ?string
    {
        foreach ($this->checks as $done) {
            if ($done->check === $check) {
                return $done->result;
            }
        }

        return null;
    }

    public function bondIsForeign(): bool
    {
        return array_filter($this->repairSigns, static fn(RepairSign $s): bool => $s->isOfTheBond()) !== [];
    }

    /** True if a crack reaches the edge somewhere between two places along a side. */
    public function crazedAlong(
        RoundedRectangle $glass,
        Face $face,
        Side $side,
        float $from,
        float $to,
    ): bool {
        for ($at = $from; $at <= $to; $at += 2.0) {
            $point = $glass->pointOn($side, min($at, $glass->length($side)));
            foreach ($this->cracks($face) as $crack) {
                if ($crack->distanceTo($point) <= self::NEAR_EDGE) {
                    return true;
                }
            }
        }

        return false;
    }
}
