<?php

declare(strict_types=1);

namespace Facelift\Tests\Geometry;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Geometry\ImpossibleShape;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class RoundedRectangleTest extends TestCase
{
    use TestTrait;

    /** Closed forms: perimeter 2(w+h) − 8r + 2πr, area wh − (4−π)r²; worked by hand for 70 × 140, r 10. */
    public function testPerimeterAndArea(): void
    {
        $shape = RoundedRectangle::of(new Rectangle(0, 0, 70, 140), 10);
        self::assertEqualsWithDelta(402.8319, $shape->perimeter(), 1e-4);
        self::assertEqualsWithDelta(9714.1593, $shape->area(), 1e-4);
    }

    public function testSidesAndCornersMakeThePerimeter(): void
    {
        $this->forAll(Generators::choose(1, 1_000_000))->disableShrinking()->then(function (int $seed): void {
            $shape = self::shape(new Dice($seed));
            $sum = 4 * $shape->corner();
            foreach (Side::cases() as $side) {
                $sum += $shape->straight($side);
            }
            self::assertEqualsWithDelta($shape->perimeter(), $sum, 1e-9);
        });
    }

    public function testEveryPointOfASideLiesOnTheOutline(): void
    {
        $this->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $shape = self::shape($dice);
                foreach (Side::cases() as $side) {
                    $point = $shape->pointOn($side, $dice->float(0, $shape->length($side)));
                    self::assertTrue($shape->holds($point));
                    $centre = $shape->box->centre();
                    $outside = new Point(
                        $point->x + ($point->x - $centre->x) * 1e-3,
                        $point->y + ($point->y - $centre->y) * 1e-3,
                    );
                    self::assertFalse($shape->holds($outside), 'a step outwards leaves the outline');
                }
            });
    }

    public function testInsetLosesAnEvenRim(): void
    {
        $shape = RoundedRectangle::of(new Rectangle(0, 0, 70, 140), 10)->inset(2);
        self::assertEqualsWithDelta(66, $shape->box->width, 1e-9);
        self::assertEqualsWithDelta(8, $shape->radius, 1e-9);
    }

    public function testRefusesARadiusThatDoesNotFit(): void
    {
        $this->expectException(ImpossibleShape::class);
        RoundedRectangle::of(new Rectangle(0, 0, 10, 20), 6);
    }

    public function testDistanceToAStraightPiece(): void
    {
        self::assertEqualsWithDelta(
            3.0,
            (new Point(5, 3))->distanceToSegment(new Point(0, 0), new Point(10, 0)),
            1e-12,
        );
        self::assertEqualsWithDelta(
            5.0,
            (new Point(13, 4))->distanceToSegment(new Point(0, 0), new Point(10, 0)),
            1e-12,
        );
    }

    private static function shape(Dice $dice): RoundedRectangle
    {
        $w = $dice->float(20, 100);
        $h = $dice->float(20, 200);

        return RoundedRectangle::of(
            new Rectangle($dice->float(-5, 5), $dice->float(-5, 5), $w, $h),
            $dice->float(0, min($w, $h) / 2),
        );
    }
}
