<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Family;

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

    /** @param array<string, array<string, float>> $times by kind of step, then by family; '' for phones of any */
    private function __construct(private array $times) {}

    public static function estimated(): self
    {
        return new self([]);
    }

    /**
     * @param float       $times  more than zero; at most three times as long or as short
     * @param Family|null $family for phones of this one only; null for all others
     */
    public function with(StepKind $kind, float $times, ?Family $family = null): self
    {
        if (\in_array($kind, self::OF_HEAT, true)) {
            return $this;
        }
        $of = [($family->value ?? '') => max(1 / self::MOST, min(self::MOST, $times))];

        return new self([$kind->value => $of + ($this->times[$kind->value] ?? [])] + $this->times);
    }

    public function of(Step $step, Family $family): Step
    {
        $of = $this->times[$step->kind()->value] ?? [];
        $times = $of[$family->value] ?? $of[''] ?? null;

        return $times === null ? $step : $step->inTimes($times);
    }
}
