<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\AdhesiveKind as Adhesive;
use Facelift\Document\Reason;
use Facelift\Heat\AdhesiveState as State;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Candidate;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatAdvice;
use Facelift\Heat\HeatAdvisor;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\Implausible;
use Facelift\Heat\Limits;
use Facelift\Heat\Origin;
use Facelift\Heat\PanelBudget;
use Facelift\Heat\Probe;
use Facelift\Heat\Programme;
use Facelift\Heat\Reading;
use Facelift\Heat\Refit;
use Facelift\Heat\Region;
use Facelift\Heat\Sample;
use Facelift\Heat\Session;
use Facelift\Heat\Source;
use Facelift\Quantity\OutOfRange;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Plausibility against practice: common practice, no source; nobody measures a bond line, so every figure is an
 * estimate.
 */
final class AdviceTest extends TestCase
{
    private static function curves(): Curves
    {
        $phone = Phones::read('quillon-vesper');

        return Curves::of($phone, $phone->bonds['seal']);
    }

    private static function advise(Source $source, Adhesive $adhesive, State $state = State::Fresh): HeatAdvice
    {
        $phone = Phones::read('quillon-vesper');
        $bond = $phone->bonds['seal'];
        $window = AdhesiveWindow::of($adhesive, $state);
        $limits = new Limits();

        // As the first heating of a plan goes: into the window before a limit ends it.
        $planned = static function (Source $s) use ($phone, $adhesive, $state, $limits): ?HeatingEnd {
            $glued = Phones::with('quillon-vesper', ['bonds.0.adhesive' => $adhesive->value])->bonds['seal'];
            $first = Session::of(
                $phone,
                $glued,
                $s,
                $state,
                $limits,
            )->heat();

            return $first->parts ? $first : null;
        };

        return (new HeatAdvisor(Region::of($phone, $bond, $window, $limits), $planned))
            ->advise($source, $window, $limits);
    }

    private static function after(float $seconds, Source $source): Sample
    {
        $run = self::curves()->run(Programme::empty()->heat($seconds, $source));

        return $run[\count($run) - 1];
    }

    /**
     * 85 °C for 3–4 min is usual and at times too cold: strong glue's window, from 75 °C, is met or missed within the
     * contact's uncertainty of 100–150 W/m²K.
     */
    public function testTheUsualPlateIsBorderline(): void
    {
        $glue = AdhesiveWindow::of(Adhesive::StrongGlue, State::Fresh);
        self::assertLessThan($glue->low, self::after(180, Source::plate(85, 100))->bond);
        self::assertGreaterThan($glue->low, self::after(240, Source::plate(85, 150))->bond);
        self::assertGreaterThan(70, self::after(210, Source::plate(85))->bond);
    }

    public function testAHotterPlateIsSoonerThereWithLessLeftAtTheBattery(): void
    {
        $limits = new Limits();
        self::assertGreaterThan(self::after(120, Source::plate(85))->bond, self::after(120, Source::plate(95))->bond);
        self::assertLessThan(
            $limits->batteryStop - self::after(210, Source::plate(85))->battery,
            $limits->batteryStop - self::after(210, Source::plate(95))->battery,
        );
    }

    /** Follows from physics: nothing gets hotter than what heats it. */
    public function testAirSetTo70NeverBringsABondTo70(): void
    {
        self::assertLessThan(70, self::after(1800, Source::hotAir(70, 30, 40))->bond);
    }

    public function testAGrainBagFreesAnOldThinAdhesiveAndNotAFreshOne(): void
    {
        $bag = Source::grainBag(0.5, 2.5);
        self::assertNotNull(self::advise($bag, Adhesive::FoamTape, State::Aged)->best);
        $fresh = self::advise($bag, Adhesive::FoamTape);
        self::assertNull($fresh->best);
        self::assertSame('heat-source-too-weak', $fresh->because[0]->code);
        self::assertSame(
            ['heat-other-works', 'plate'],
            [$fresh->because[1]->code, $fresh->because[1]->figures['source']],
        );
    }

    /** Folding phones' double tape: no setting is safe, whatever the source. */
    public function testDoubleTapeMeansSacrifice(): void
    {
        $none = self::advise(Source::plate(85), Adhesive::DoubleTape)->because;
        self::assertSame(['heat-none-is-safe'], array_map(static fn(Reason $r): string => $r->code, $none));
    }

    public function testTwentyMinutesOfStrongHeatExceedThePanelsBudget(): void
    {
        $run = static fn(float $seconds, float $set): float => PanelBudget::used(
            self::curves()->run(Programme::empty()->heat($seconds, Source::plate($set))),
        );
        self::assertGreaterThan(1.0, $run(1200, 95));
        self::assertLessThan(0.1, $run(240, 85));
        // By hand: 600 s at 85 °C; half at 87.5; 100 °C is six halvings, 600/64 = 9.4 s.
        self::assertEqualsWithDelta(600, PanelBudget::seconds(85), 1e-9);
        self::assertEqualsWithDelta(300, PanelBudget::seconds(87.5), 1e-9);
        self::assertEqualsWithDelta(9.375, PanelBudget::seconds(100), 1e-9);
    }

    public function testTheWorkingWindowLiesBetweenHalfAMinuteAndAFewMinutes(): void
    {
        $best = self::advise(Source::plate(85), Adhesive::PrecutSeal)->best;
        self::assertNotNull($best);
        self::assertGreaterThanOrEqual(30, $best->window);
        self::assertLessThanOrEqual(300, $best->window);
    }

    /** The scaled region against a run of its own for each of a few random points. */
    public function testTheRegionAgreesWithDirectRuns(): void
    {
        $advice = self::advise(Source::plate(85), Adhesive::PrecutSeal);
        self::assertGreaterThanOrEqual(400, \count($advice->points));
        $dice = new Dice(7);
        for ($i = 0; $i < 12; ++$i) {
            $point = $dice->pick(self::atLeastOne($advice->points));
            if ($point->set < 40) {
                continue;
            }
            $direct = self::after($point->seconds(), Source::plate($point->set));
            self::assertEqualsWithDelta($direct->bond, $point->end->bond, 0.3);
            self::assertEqualsWithDelta($direct->battery, $point->end->battery, 0.3);
            self::assertEqualsWithDelta($direct->panel, $point->end->panel, 0.3);
        }
    }

    public function testTheGentlestKeepsTheLargestMargin(): void
    {
        $advice = self::advise(Source::plate(85), Adhesive::PrecutSeal);
        self::assertNotNull($advice->best);
        foreach ($advice->points as $point) {
            if ($point->works()) {
                self::assertLessThanOrEqual($advice->best->margin + 2.0, $point->margin);
                self::assertTrue($point->set >= $advice->best->set || $point->margin < $advice->best->margin + 2.0);
                self::assertSame(Binding::Target, $point->binding);
            }
        }
    }

    /**
     * A known coefficient from noisy made readings: within the stated 95 % interval in at least 90 of 100 made runs.
     */
    public function testRefitRecoversAKnownCoefficientFromNoisyReadings(): void
    {
        $inside = 0;
        for ($seed = 1; $seed <= 50; ++$seed) {
            $dice = new Dice($seed);
            $true = $dice->float(60, 220);
            $run = self::curves()->run(Programme::empty()->heat(180, Source::plate(85, $true)), 6.0);
            $readings = array_map(static function (int $i) use ($run, $dice): Reading {
                // Twelve uniforms less six: standard normal, near enough.
                $noise = array_sum(array_map(static fn(): float => $dice->float(0, 1), range(1, 12))) - 6;

                return new Reading(Probe::OuterFace, $run[$i]->second, $run[$i]->outerFace + Reading::ERROR * $noise);
            }, [5, 10, 15, 20, 25]);
            $fit = (new Refit(self::curves()))->of(Source::plate(85), $readings);
            $inside += $fit->low <= $true && $true <= $fit->high ? 1 : 0;
            self::assertNull($fit->implausible, "seed $seed");
        }
        self::assertGreaterThanOrEqual(45, $inside);
    }

    /**
     * A thermometer that comes loose now and then: what it read then is left out, whether or not some contact would
     * explain it alone.
     */
    public function testSomeLooseReadingsDoNotPullTheFit(): void
    {
        $true = 130.0;
        $run = self::curves()->run(Programme::empty()->heat(180, Source::plate(85, $true)), 6.0);
        foreach ([[12, 30.0], [12, 34.0], [20, 45.0], [25, 38.0]] as [$at, $loose]) {
            $readings = array_map(
                static fn(int $i): Reading => new Reading(
                    Probe::OuterFace,
                    $run[$i]->second,
                    $i === $at ? $loose : $run[$i]->outerFace,
                ),
                [8, 12, 16, 20, 25],
            );
            $fit = (new Refit(self::curves()))->of(Source::plate(85), $readings);
            self::assertEqualsWithDelta($true, $fit->coefficient, 2.0, "a reading of $loose at $at");
            self::assertSame([4, Implausible::TooCold], [$fit->used, $fit->implausible]);
        }
    }

    public function testAReadingThatNoCoefficientExplainsIsSaid(): void
    {
        $refit = new Refit(self::curves());
        self::assertSame(
            Implausible::TooCold,
            $refit->of(Source::plate(85), [new Reading(Probe::OuterFace, 120, 30)])->implausible,
        );
        self::assertSame(
            Implausible::TooHot,
            $refit->of(Source::plate(85), [new Reading(Probe::Battery, 120, 84)])->implausible,
        );
    }

    #[DataProvider('impossible')]
    public function testASourceHasItsRanges(\Closure $make): void
    {
        $this->expectException(OutOfRange::class);
        $make();
    }

    /** @return iterable<string, array{\Closure}> */
    public static function impossible(): iterable
    {
        yield 'a plate at 130' => [static fn() => Source::plate(130)];
        yield 'air from a metre' => [static fn() => Source::hotAir(100, 1000, 40)];
        yield 'air at 20' => [static fn() => Source::hotAir(20, 30, 40)];
        yield 'a bag of 5 kg' => [static fn() => Source::grainBag(5, 2)];
        yield 'a bag not warmed' => [static fn() => Source::grainBag(0.5, 0)];
        yield 'a coefficient of nothing' => [static fn() => Source::plate(85)->withCoefficient(0, Origin::ShopsOwn)];
    }

    public function testAirFartherAwayOrMovedRoundALongerEdgeIsWeaker(): void
    {
        $near = self::after(120, Source::hotAir(120, 30, 40))->bond;
        self::assertLessThan($near, self::after(120, Source::hotAir(120, 80, 40))->bond);
        self::assertLessThan($near, self::after(120, Source::hotAir(120, 30, 160))->bond);
        self::assertGreaterThan(
            60,
            self::after(20, Source::localAir(200))->outerFace - 0.0,
            'a glued flex gets warm within seconds',
        );
    }

    /**
     * @param list<Candidate> $points
     *
     * @return non-empty-list<Candidate>
     */
    private static function atLeastOne(array $points): array
    {
        return $points === [] ? throw new \LogicException('there are no points') : $points;
    }
}
