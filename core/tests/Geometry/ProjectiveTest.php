<?php

declare(strict_types=1);

namespace Facelift\Tests\Geometry;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Geometry\ImpossibleShape;
use Facelift\Geometry\Point;
use Facelift\Geometry\Projective;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class ProjectiveTest extends TestCase
{
    use TestTrait;

    private const WIDTH = 71.4;
    private const HEIGHT = 146.2;
    /** mm that a point may be off which was taken from a photo */
    private const OFF = 0.3;

    /** Corners land in corners, the crossing of a picture's diagonals in the middle: that is what projective means. */
    public function testCornersAndMiddleOfASlantedPicture(): void
    {
        $corners = [new Point(100, 80), new Point(900, 160), new Point(820, 1500), new Point(40, 1320)];
        $flat = Projective::flatten($corners, self::WIDTH, self::HEIGHT);
        $whole = [[0, 0], [self::WIDTH, 0], [self::WIDTH, self::HEIGHT], [0, self::HEIGHT]];
        foreach ($whole as $i => [$x, $y]) {
            self::assertEqualsWithDelta(new Point($x, $y), $flat->at($corners[$i]), 1e-9);
        }
        // Where 100,80–820,1500 crosses 900,160–40,1320.
        $t = ((900 - 100) * (1320 - 160) - (160 - 80) * (40 - 900))
            / ((820 - 100) * (1320 - 160) - (1500 - 80) * (40 - 900));
        $crossing = new Point(100 + $t * 720, 80 + $t * 1420);
        $middle = new Point(self::WIDTH / 2, self::HEIGHT / 2);
        self::assertEqualsWithDelta($middle, $flat->at($crossing), 1e-9);
        self::assertEqualsWithDelta($crossing, $flat->inverse()->at($middle), 1e-6);
    }

    /**
     * A made camera looks at the phone from up to 35° off, its picture as wide as a kept photo: corners tapped to the
     * pixel give every point back within 0.3 mm.
     */
    public function testPointsOfAPhotoTakenAt35DegreesAreFoundAgain(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $camera = self::camera(deg2rad($dice->float(0, 35)), $dice->float(0, 2 * M_PI), $dice->float(260, 420));
            $tapped = array_map(static function (array $p) use ($camera): Point {
                $pixel = $camera($p[0], $p[1]);

                return new Point(round($pixel->x), round($pixel->y));
            }, [[0.0, 0.0], [self::WIDTH, 0.0], [self::WIDTH, self::HEIGHT], [0.0, self::HEIGHT]]);
            \assert(\count($tapped) === 4);
            $flat = Projective::flatten([$tapped[0], $tapped[1], $tapped[2], $tapped[3]], self::WIDTH, self::HEIGHT);
            for ($i = 0; $i < 20; ++$i) {
                [$x, $y] = [$dice->float(0, self::WIDTH), $dice->float(0, self::HEIGHT)];
                $pixel = $camera($x, $y);
                $found = $flat->at(new Point(round($pixel->x), round($pixel->y)));
                self::assertLessThan(self::OFF, $found->distanceTo(new Point($x, $y)));
            }
        });
    }

    public function testCornersThatDoNotGoRoundAreRefused(): void
    {
        $this->expectException(ImpossibleShape::class);
        Projective::flatten(
            [new Point(0, 0), new Point(10, 10), new Point(10, 0), new Point(0, 10)],
            self::WIDTH,
            self::HEIGHT,
        );
    }

    /**
     * A pinhole camera over the phone's middle.
     *
     * @param float $tilt     rad off the upright
     * @param float $towards  rad, the direction in which it leans
     * @param float $distance mm
     *
     * @return \Closure(float, float): Point from mm on the phone to pixels
     */
    private static function camera(float $tilt, float $towards, float $distance): \Closure
    {
        return static function (float $x, float $y) use ($tilt, $towards, $distance): Point {
            [$u, $v] = [$x - self::WIDTH / 2, $y - self::HEIGHT / 2];
            $along = $u * cos($towards) + $v * sin($towards);
            $across = -$u * sin($towards) + $v * cos($towards);
            $near = $distance + $along * sin($tilt);
            $seen = $along * cos($tilt);
            // The phone's height takes about 1400 of 1600 pixels, seen straight.
            $focus = 1400 / self::HEIGHT * $distance;

            return new Point(
                800 + $focus / $near * ($seen * cos($towards) - $across * sin($towards)),
                800 + $focus / $near * ($seen * sin($towards) + $across * cos($towards)),
            );
        };
    }
}
