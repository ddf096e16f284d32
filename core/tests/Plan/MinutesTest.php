<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\Family;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Plan\Minutes;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class MinutesTest extends TestCase
{
    /** What was learnt with phones of its kind goes before what was learnt with any. */
    public function testAKindOfPhoneMayHaveMinutesOfItsOwn(): void
    {
        $minutes = Minutes::estimated()
            ->with(StepKind::Unscrew, 1.5)
            ->with(StepKind::Unscrew, 2.5, Family::FoldingOuter)
            ->with(StepKind::PlugIn, 0.5, Family::FoldingOuter);
        $unscrew = self::step(StepKind::Unscrew);
        self::assertEqualsWithDelta(1.5, self::times($minutes, $unscrew, Family::FrontOpening), 1e-9);
        self::assertEqualsWithDelta(2.5, self::times($minutes, $unscrew, Family::FoldingOuter), 1e-9);
        $plugIn = self::step(StepKind::PlugIn);
        self::assertSame($plugIn, $minutes->of($plugIn, Family::FrontOpening), 'nothing was learnt of it');
        self::assertEqualsWithDelta(0.5, self::times($minutes, $plugIn, Family::FoldingOuter), 1e-9);
    }

    public function testHeatAndBladeKeepFiguresOfTheirOwnAndNothingIsTakenTooFar(): void
    {
        $minutes = Minutes::estimated()
            ->with(StepKind::CutPass, 2.0)
            ->with(StepKind::Unscrew, 40.0)
            ->with(StepKind::PlugIn, 0.01);
        $pass = self::step(StepKind::CutPass);
        self::assertSame($pass, $minutes->of($pass, Family::FrontOpening));
        foreach ([[StepKind::Unscrew, Minutes::MOST], [StepKind::PlugIn, 1 / Minutes::MOST]] as [$kind, $times]) {
            self::assertEqualsWithDelta($times, self::times($minutes, self::step($kind), Family::FrontOpening), 1e-9);
        }
    }

    private static function times(Minutes $minutes, Step $step, Family $family): float
    {
        return $minutes->of($step, $family)->manner->hands / $step->manner->hands;
    }

    private static function step(StepKind $kind): Step
    {
        foreach (Phones::plan('quillon-vesper', ReplacementKind::DisplayAssembly)->steps as $step) {
            if ($step->kind() === $kind) {
                return $step;
            }
        }
        self::fail('no such step');
    }
}
