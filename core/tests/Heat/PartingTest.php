<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\BondCurve;
use Facelift\Heat\Normal;
use Facelift\Heat\Origin;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\PartingChance;
use Facelift\Heat\Source;
use Facelift\Heat\Uncertainty;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How fast a bond parts as warm as it is, and how likely a blade is through in time. */
final class PartingTest extends TestCase
{
    /** Figures from memory: 2 to 4 mm/s along soft tape, 1 to 2 mm/s along strong glue. */
    #[TestWith([AdhesiveKind::PrecutSeal, 59.9, 0.0])]
    #[TestWith([AdhesiveKind::PrecutSeal, 60.0, 2.0])]
    #[TestWith([AdhesiveKind::PrecutSeal, 67.5, 3.0])]
    #[TestWith([AdhesiveKind::PrecutSeal, 75.0, 4.0])]
    #[TestWith([AdhesiveKind::PrecutSeal, 84.0, 4.0])]
    #[TestWith([AdhesiveKind::StrongGlue, 81.0, 1.5])]
    public function testPaceAsWarmAsItIs(AdhesiveKind $kind, float $celsius, float $pace): void
    {
        self::assertEqualsWithDelta($pace, self::pace($kind)->at($celsius), 1e-9);
    }

    public function testHotterIsNeverSlower(): void
    {
        $dice = new Dice(7);
        foreach (AdhesiveKind::cases() as $kind) {
            foreach (AdhesiveState::cases() as $state) {
                $pace = PaceCurve::of($kind, AdhesiveWindow::of($kind, $state));
                for ($i = 0; $i < 50; ++$i) {
                    $t = $dice->float(20, 120);
                    self::assertGreaterThanOrEqual($pace->at($t), $pace->at($t + $dice->float(0, 30)));
                    self::assertGreaterThanOrEqual($pace->at($t), $pace->wet()->at($t), 'alcohol helps');
                }
            }
        }
    }

    /** Tables of the normal distribution. */
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.8413447])]
    #[TestWith([1.644854, 0.95])]
    #[TestWith([-1.959964, 0.025])]
    public function testTheNormalDistribution(float $deviations, float $below): void
    {
        self::assertEqualsWithDelta($below, Normal::below($deviations), 1e-6);
    }

    /** By hand: at a steady 67.5 °C a blade goes 3 mm/s, and 90 mm take half a minute. */
    public function testReachAndTimeOfASteadyBond(): void
    {
        $curve = new BondCurve(4.0, array_fill(0, 26, 67.5), array_fill(0, 26, 67.5), 22.0);
        $pace = self::pace(AdhesiveKind::PrecutSeal);
        self::assertEqualsWithDelta(90.0, $curve->reach($pace, 3.0, 33.0), 1e-9);
        self::assertEqualsWithDelta(30.0, $curve->secondsFor($pace, 90.0, 3.0) ?? 0.0, 1e-6);
        self::assertNull($curve->secondsFor($pace, 301.0, 0.0), 'the curve is over before');
        self::assertEqualsWithDelta(97.0, $curve->above(60.0, 3.0), 1e-9);
    }

    /** Against 20,000 throws of source, window and pace: the three are independent, and normal. */
    public function testTheChanceAgreesWithThrowingDice(): void
    {
        $dice = new Dice(11);
        for ($i = 0; $i < 8; ++$i) {
            $curve = self::cooling($dice->float(66, 78), $dice->float(120, 300), $dice->float(0.02, 0.08));
            $pace = self::pace(AdhesiveKind::PrecutSeal);
            $off = new Uncertainty(0.12, $dice->float(1, 5), $dice->float(0.1, 0.4));
            $chance = PartingChance::along(
                $curve,
                $pace,
                $off,
                10.0,
                $curve->length(),
            );
            $mm = $dice->float(0.3, 1.0) * $curve->reach($pace, 10.0, $curve->length());
            $through = 0;
            for ($n = 0; $n < 20_000; ++$n) {
                $source = $dice->normal();
                $harder = $pace->partingAt($off->window * $dice->normal());
                $likely = array_map(
                    static fn(float $a, float $b): float => $a + $source / Uncertainty::NINETY_FIVE * ($b - $a),
                    $curve->likely,
                    $curve->hot,
                );
                $thrown = new BondCurve($curve->every, $likely, $likely, 22.0);
                $reach = $thrown->reach($harder, 10.0, $curve->length()) * exp($off->pace * $dice->normal());
                $through += $reach >= $mm ? 1 : 0;
                if ($n === 1999 && $i > 1) {
                    // The first two are thrown to the end, the others often enough for a wider band.
                    break;
                }
            }
            self::assertEqualsWithDelta($through / ($i > 1 ? 2000 : 20_000), $chance->of($mm), $i > 1 ? 0.06 : 0.03);
        }
    }

    public function testMoreToCutIsNeverLikelierAndMoreTimeNeverLessLikely(): void
    {
        $dice = new Dice(5);
        for ($i = 0; $i < 60; ++$i) {
            $curve = self::cooling($dice->float(60, 84), $dice->float(60, 300), 0.05);
            $pace = self::pace($dice->pick([AdhesiveKind::PrecutSeal, AdhesiveKind::StrongGlue]));
            $off = Uncertainty::of(Source::plate(85), AdhesiveState::Fresh);
            $from = $dice->float(0, 40);
            $chance = PartingChance::along(
                $curve,
                $pace,
                $off,
                $from,
                $curve->length(),
            );
            $later = PartingChance::along(
                $curve,
                $pace,
                $off,
                $from + 10,
                $curve->length(),
            );
            $mm = $dice->float(1, 300);
            self::assertGreaterThanOrEqual($chance->of($mm + 5) - 1e-12, $chance->of($mm));
            self::assertGreaterThanOrEqual($later->of($mm) - 1e-12, $chance->of($mm));
            $reached = $chance->reachedWith(0.8);
            self::assertTrue($reached < 0.2 || $chance->of($reached) >= 0.8);
            self::assertLessThan(0.8, $chance->of($reached + 0.2));
        }
    }

    public function testWhatTheShopHasMeasuredIsKnownBetter(): void
    {
        $own = Source::plate(85, 125.0, Origin::ShopsOwn);
        self::assertLessThan(
            Uncertainty::of(Source::plate(85), AdhesiveState::Fresh)->contact,
            Uncertainty::of($own, AdhesiveState::Fresh)->contact,
        );
        self::assertGreaterThan(
            Uncertainty::of($own, AdhesiveState::Fresh)->window,
            Uncertainty::of($own, AdhesiveState::Foreign)->window,
        );
    }

    private static function pace(AdhesiveKind $kind): PaceCurve
    {
        return PaceCurve::of($kind, AdhesiveWindow::of($kind, AdhesiveState::Fresh));
    }

    /** From so hot down to the room, with a time constant in s, and a hotter one above it by a share. */
    private static function cooling(float $from, float $constant, float $hotter): BondCurve
    {
        $rise = array_map(static fn(int $i): float => ($from - 22.0) * exp(-4.0 * $i / $constant), range(0, 60));

        return new BondCurve(
            4.0,
            array_map(static fn(float $r): float => 22.0 + $r, $rise),
            array_map(static fn(float $r): float => 22.0 + (1 + $hotter) * $r, $rise),
            22.0,
        );
    }
}
