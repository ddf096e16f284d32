<?php

declare(strict_types=1);

namespace Facelift\Plan;

/**
 * How many times as long as estimated a shop's hands take for kinds of step, by its own record. What belongs to heat
 * and blade is left alone: its times follow from temperature and pace, which are learnt by themselves.
 */
final readonly class Minutes
{
    private const OF_HEAT = [
        StepKind::Heat, StepKind::Reheat, StepKind::Cool, StepKind::Alcohol, StepKind::FirstGap, StepKind::CutPass,
        StepKind::Lift, StepKind::WarmBattery, StepKind::WarmGlass, StepKind::FreeCurve, StepKind::PartGlass,
        StepKind::PartBond,
    ];

    /** Nothing is taken as more than so many times as long, or as short. */
    public const MOST = 3.0;

    /** @param array<string, float> $times by kind of step */
    private function __construct(private array $times) {}

    public static function estimated(): self
    {
        return new self([]);
    }

    /** @param float $times more than zero; at most three times as long or as short */
    public function with(StepKind $kind, float $times): self
    {
        return \in_array($kind, self::OF_HEAT, true)
            ? $this
            : new self([$kind->value => max(1 / self::MOST, min(self::MOST, $times))] + $this->times);
    }

    public function of(Step $step): Step
    {
        $times = $this->times[$step->kind()->value] ?? null;

        return $times === null ? $step : $step->inTimes($times);
    }
}
