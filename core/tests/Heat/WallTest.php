<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Heat\Boundary;
use Facelift\Heat\Wall;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WallTest extends TestCase
{
    /**
     * Plane wall with convection on both faces: θ* = C₁·exp(−ζ₁²·Fo) at the mid-plane for Fo > 0.2.
     * The series' second term still counts for 0.005 at Fo 0.3, so the check begins at 0.6.
     * Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1 (from memory).
     */
    #[TestWith([0.1, 0.3111, 1.0161])]
    #[TestWith([1.0, 0.8603, 1.1191])]
    #[TestWith([10.0, 1.4289, 1.2620])]
    public function testOneTermSeries(float $biot, float $zeta, float $c): void
    {
        $half = 5e-3;
        $k = 0.5;
        $diffusivity = $k / (2000 * 1000);
        $face = new Boundary($biot * $k / $half, 0.0);
        $wall = new Wall([new Layer(
            'slab',
            LayerRole::Other,
            10,
            $k,
            2000,
            1000,
            0,
        )], 81);
        foreach ([0.6, 1.0, 1.5] as $fourier) {
            $seconds = $fourier * $half ** 2 / $diffusivity;
            $profile = $wall->at(100);
            $stepper = $wall->stepper($face, $face, $seconds / 400);
            for ($i = 0; $i < 400; ++$i) {
                $profile = $stepper->next($profile);
            }
            self::assertEqualsWithDelta($c * exp(-$zeta ** 2 * $fourier), $profile[40] / 100, 0.001, "Fo $fourier");
        }
    }

    /**
     * Semi-infinite solid, sudden surface temperature: (T−Ts)/(Ti−Ts) = erf(x / 2√(αt)).
     * erf(0.5) = 0.5205, erf(1) = 0.8427: Abramowitz & Stegun, table 7.1.
     */
    #[TestWith([0.5, 0.5205])]
    #[TestWith([1.0, 0.8427])]
    public function testSemiInfiniteSolid(float $eta, float $erf): void
    {
        $cells = 400;
        $wall = new Wall([new Layer(
            'slab',
            LayerRole::Other,
            30,
            1.0,
            2000,
            1000,
            0,
        )], $cells);
        $seconds = 20.0;
        $stepper = $wall->stepper(new Boundary(1e7, 0.0), new Boundary(0, 0), 0.02);
        $profile = $wall->at(100);
        for ($i = 0; $i < 1000; ++$i) {
            $profile = $stepper->next($profile);
        }
        $depth = $eta * 2 * sqrt(1.0 / (2000 * 1000) * $seconds);
        $at = $depth / (30e-3 / $cells) - 0.5;
        $left = (int) floor($at);
        $between = $profile[$left] + ($at - $left) * ($profile[$left + 1] - $profile[$left]);
        self::assertEqualsWithDelta($erf, $between / 100, 0.001);
    }

    /** Composite wall at rest: q = ΔT / ΣR, with a contact resistance; worked by hand from the layers. */
    public function testCompositeWallAtRest(): void
    {
        $layers = [
            new Layer(
                'a',
                LayerRole::Other,
                2,
                0.4,
                1000,
                1000,
                0.001,
            ),
            new Layer(
                'b',
                LayerRole::Other,
                5,
                2.0,
                1000,
                1000,
                0,
            ),
        ];
        $wall = new Wall($layers, 40);
        $hot = new Boundary(100, 90);
        $cold = new Boundary(20, 10);
        $stepper = $wall->stepper($hot, $cold, 20);
        $profile = $wall->at(30);
        for ($i = 0; $i < 2000; ++$i) {
            $profile = $stepper->next($profile);
        }
        // 1/100 + 0.002/0.4 + 0.001 + 0.005/2 + 1/20 = 0.0685 m²K/W; q = 80 / 0.0685 = 1167.88 W/m²
        $flux = 80 / 0.0685;
        self::assertEqualsWithDelta(90 - $flux / 100, $wall->heatedFace($profile, $hot), 1e-6);
        self::assertEqualsWithDelta(90 - $flux * (0.01 + 0.0025), $wall->meanOf(0, $profile), 1e-6);
        self::assertEqualsWithDelta(10 + $flux * (0.05 + 0.00125), $wall->meanOf(1, $profile), 1e-6);
    }

    /** Lumped body (Bi ≪ 0.1): θ = exp(−hAt/ρcV). */
    public function testLumpedBody(): void
    {
        $wall = new Wall([new Layer(
            'plate',
            LayerRole::Other,
            1,
            200,
            2700,
            900,
            0,
        )]);
        $face = new Boundary(10, 0);
        $stepper = $wall->stepper($face, $face, 1);
        $profile = $wall->at(100);
        for ($i = 0; $i < 120; ++$i) {
            $profile = $stepper->next($profile);
        }
        self::assertEqualsWithDelta(exp(-2 * 10 * 120 / (2700 * 900 * 1e-3)), $wall->meanOf(0, $profile) / 100, 1e-4);
    }

    #[TestWith(['edge', 0.5])]
    #[TestWith(['edge', 2.0])]
    #[TestWith(['centre', 2.0])]
    #[TestWith(['centre', 15.0])]
    public function testHeatThatCameInIsHeatThatIsThere(string $stack, float $step): void
    {
        $wall = new Wall(Phones::read('quillon-vesper')->stacks[$stack]);
        $profile = $wall->at(22);
        $before = $wall->energy($profile);
        $in = 0.0;
        foreach ([new Boundary(125, 85), Boundary::stillAir(22)] as $face) {
            $stepper = $wall->stepper($face, Boundary::stillAir(22), $step);
            for ($t = 0.0; $t < 200; $t += $step) {
                [$profile, $heat] = $stepper->advance($profile);
                $in += $heat;
            }
        }
        self::assertGreaterThan(50_000, abs($in));
        self::assertEqualsWithDelta($in, $wall->energy($profile) - $before, abs($in) * 1e-9);
    }

    public function testAnInsulatedWallKeepsItsHeat(): void
    {
        $wall = new Wall(Phones::read('quillon-vesper')->stacks['edge']);
        $insulated = new Boundary(0, 0);
        $profile = $wall->stepper($insulated, $insulated, 10)->next($wall->at(50));
        foreach ($profile as $celsius) {
            self::assertEqualsWithDelta(50, $celsius, 1e-9);
        }
    }

    /**
     * Plausibility, an estimate: on an 85 °C plate with 100–150 W/m²K the bond line is at 73–79 °C and the battery at
     * 52–62 °C after 3–4 minutes (from memory; common practice calls the setting usual and at times too cold).
     */
    public function testThePlateReproducesPractice(): void
    {
        $stacks = Phones::read('quillon-vesper')->stacks;
        $run = static function (string $stack, float $contact, int $seconds) use ($stacks): array {
            $wall = new Wall($stacks[$stack]);
            $stepper = $wall->stepper(new Boundary($contact, 85), Boundary::stillAir(22), 1);
            $profile = $wall->at(22);
            for ($i = 0; $i < $seconds; ++$i) {
                $profile = $stepper->next($profile);
            }

            return [$wall, $profile];
        };
        [$edge, $bond] = $run('edge', 125, 210);
        self::assertGreaterThan(73, $edge->meanOf(2, $bond));
        self::assertLessThan(79, $edge->meanOf(2, $bond));
        [$centre, $cell] = $run('centre', 125, 210);
        self::assertGreaterThan(52, $centre->frontOf(5, $cell));
        self::assertLessThan(62, $centre->frontOf(5, $cell));
    }
}
