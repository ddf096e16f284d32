<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Geometry\Leg;
use Facelift\Seal\Curing;
use Facelift\Seal\GlassLayer;
use Facelift\Seal\Light;
use Facelift\Seal\NothingToSeal;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class GlassLayerTest extends TestCase
{
    /**
     * Stefan 1874 (from memory): F = −(3πηR⁴/2h³)·dh/dt between discs. The closed form against that equation
     * integrated in small steps.
     */
    public function testSqueezedFilmAgainstItsEquation(): void
    {
        $viscosity = 0.4;
        $radius = 0.05;
        $force = 0.5;
        $h = 0.0012;
        $seconds = 0.0;
        while ($h > 0.00015) {
            $rate = $force * 2 * $h ** 3 / (3 * \M_PI * $viscosity * $radius ** 4);
            $step = 1e-4 * $h / $rate;
            $middle = $h - $rate * $step / 2;
            $h -= $force * 2 * $middle ** 3 / (3 * \M_PI * $viscosity * $radius ** 4) * $step;
            $seconds += $step;
        }
        $area = \M_PI * (1000 * $radius) ** 2;
        self::assertEqualsWithDelta(
            $seconds,
            GlassLayer::squeezed(
                $viscosity,
                $area,
                $force,
                0.15,
                1.2,
            ),
            0.001 * $seconds,
        );
    }

    /** By hand: 64.2 × 138.6 mm of lit area × 0.15 mm = 1.335 ml, and a tenth on top: 1.468 ml. */
    public function testMillilitresOfTheVesper(): void
    {
        self::assertEqualsWithDelta(1.468, (new GlassLayer())->lay(Phones::read('quillon-vesper'), 22.0)->ml(), 1e-3);
    }

    public function testABarAlongTheMiddleThatWidensAtBothEnds(): void
    {
        $phone = Phones::read('quillon-vesper');
        $laid = (new GlassLayer())->lay($phone, 22.0);
        self::assertCount(5, $laid->bar);
        foreach ($laid->bar as $leg) {
            self::assertTrue($phone->body->display->holds($leg->start));
            self::assertTrue($phone->body->display->holds($leg->end));
        }
        self::assertSame($phone->body->display->centre()->x, $laid->bar[0]->start->x);
        // One drop beyond the camera's hole, on the side of the near edge.
        self::assertCount(1, $laid->drops);
        self::assertLessThan($phone->openings['camera-hole']->centre->y, $laid->drops[0]->y);
        self::assertEqualsWithDelta(
            $laid->length(),
            array_sum(array_map(static fn(Leg $l): float => $l->length(), $laid->bar)),
            1e-9,
        );
    }

    /** Warmth and weight both make it run sooner: viscosity halves in 15 °C, ten times the force takes a tenth. */
    public function testRunsSoonerWarmAndWeighted(): void
    {
        $phone = Phones::read('quillon-vesper');
        $plain = (new GlassLayer())->lay($phone, 25.0);
        self::assertEqualsWithDelta(0.5, $plain->sooner / $plain->spread, 1e-9);
        $weight = 64.2 * 138.6 * 0.00245 * 0.6;
        self::assertEqualsWithDelta(
            0.1,
            (new GlassLayer())->lay($phone, 25.0, 9 * $weight)->spread / $plain->spread,
            1e-6,
        );
    }

    public function testAnAbsurdGapIsRefused(): void
    {
        $this->expectException(NothingToSeal::class);
        $this->expectExceptionMessage('gap is -1 mm, must lie between 0.02 and 1 mm');
        (new GlassLayer())->lay(Phones::read('quillon-vesper'), 22.0, 0.0, -1.0);
    }

    /** Dose = irradiance × time. Full sun: under five minutes (common practice, no source). */
    public function testCuringByHand(): void
    {
        self::assertSame(120.0, Curing::usualLamp(50.0)->seconds());
        self::assertSame(480.0, Curing::usualLamp(100.0)->seconds());
        self::assertLessThan(300.0, Curing::by(Light::Sun)->seconds());
        self::assertGreaterThan(Curing::by(Light::ThinCloud)->seconds(), Curing::by(Light::Overcast)->seconds());
    }

    public function testALampWithoutDistanceIsRefused(): void
    {
        $this->expectException(NothingToSeal::class);
        Curing::lamp(10.0, 50.0, 0.0);
    }
}
