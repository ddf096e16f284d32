<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Phone;
use Facelift\Proof\Fault\FaultKind;
use Facelift\Proof\Fault\Suspicion;

/** Which steps can leave what is suspected: those that touch it. */
final readonly class Touches
{
    public function __construct(private Phone $phone) {}

    public function by(Step $step, Suspicion $suspicion): bool
    {
        $subject = $suspicion->subject;
        $own = array_keys(
            array_filter($this->phone->connectors, static fn(Connector $c): bool => $c->joins[0] === $subject),
        );
        $e = $step->effects;
        $fitted = [...$e->connectors->in, ...$e->parts->in, ...array_keys($e->screws->in)];
        $handled = [...$e->connectors->all(), ...$e->parts->all()];

        return match ($suspicion->kind) {
            FaultKind::WindowCovered, FaultKind::OpeningNarrowed, FaultKind::Pressed => $step->kind()->glues(),
            FaultKind::FlexHurt => array_intersect([$subject, ...$own], $handled) !== [],
            default => \in_array($subject, $fitted, true) || ($step->kind()->glues() && $step->isAbout($subject)),
        };
    }

    /** True if it is there before anything is done: it comes with the part. */
    public static function fromTheStart(FaultKind $kind): bool
    {
        return $kind === FaultKind::PartFaulty || $kind === FaultKind::DataMissing;
    }

    /**
     * @param list<Step> $steps in order
     *
     * @return int|null index of the last that touches it; null if none does
     */
    public function last(Suspicion $suspicion, array $steps): ?int
    {
        if (self::fromTheStart($suspicion->kind)) {
            return 0;
        }
        $last = null;
        foreach ($steps as $i => $step) {
            $last = $this->by($step, $suspicion) ? $i : $last;
        }

        return $last;
    }
}
