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
     * @param list<Crack>                  $cracks
     * @param array<string, FunctionState> $functions   by the function's code
     * @param list<RepairSign>             $repairSigns
     * @param list<string>                 $takenOut    ids of parts, or `case`, `card`, `protector`
     * @param bool                         $canSwitchOff without the owner
     */
    public function __construct(
        public array $observations,
        public array $cracks,
        public array $functions,
        public array $repairSigns,
        public array $takenOut,
        public bool $canSwitchOff,
        public bool $dataNeeded,
    ) {}

    /**
     * Nothing known but a list of observations.
     *
     * @param list<Observation> $observations
     */
    public static function observed(array $observations): self
    {
        return new self($observations, [], [], [], [], true, false);
    }

    public function shows(Observation ...$any): bool
    {
        return array_filter($any, fn(Observation $o): bool => \in_array($o, $this->observations, true)) !== [];
    }

    public function stateOf(PhoneFunction $function): FunctionState
    {
        return $this->functions[$function->value] ?? FunctionState::CannotTest;
    }

    public function glassBroken(Face $face): bool
    {
        $seen = $face === Face::Front ? Observation::CrackedGlass : Observation::BackCracked;

        return $this->shows($seen) || array_filter($this->cracks, static fn(Crack $c): bool => $c->face === $face) !== [];
    }

    public function bondIsForeign(): bool
    {
        return array_filter($this->repairSigns, static fn(RepairSign $s): bool => $s->isOfTheBond()) !== [];
    }

    /** True if a crack reaches the edge somewhere between two places along a side. */
    public function crazedAlong(RoundedRectangle $glass, Face $face, Side $side, float $from, float $to): bool
    {
        for ($at = $from; $at <= $to; $at += 2.0) {
            $point = $glass->pointOn($side, min($at, $glass->length($side)));
            foreach ($this->cracks as $crack) {
                if ($crack->face === $face && $crack->distanceTo($point) <= self::NEAR_EDGE) {
                    return true;
                }
            }
        }

        return false;
    }
}
