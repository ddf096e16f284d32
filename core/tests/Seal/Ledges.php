<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Narrowing;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\OpeningShape;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;
use Facelift\Seal\Rim;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;

/** Ledges for tests: plain ones, random ones, and those of the shipped phones. */
final class Ledges
{
    /** Stock widths in mm: common practice, no source. */
    public const STOCK = [1.0, 1.5, 2.0, 3.0, 5.0];

    /** @return iterable<string, Rim> */
    public static function ofPhones(): iterable
    {
        foreach (Phones::ids() as $id) {
            $phone = Phones::read($id);
            foreach ($phone->bonds as $bond) {
                if ($bond->cut !== null) {
                    yield "$id $bond->id" => Rim::under($phone, $bond);
                }
            }
        }
    }

    public static function random(Dice $dice): Rim
    {
        $width = $dice->float(50, 90);
        $height = $dice->float(100, 170);
        $openings = [];
        for ($i = $dice->int(0, 8); $i > 0; --$i) {
            $shape = $dice->pick(OpeningShape::cases());
            $w = $dice->float(1, 14);
            $openings[] = new Opening(
                "o$i",
                "Opening $i",
                $shape,
                new Point(
                    $dice->chance(50) ? $dice->float(0, $width) : $dice->pick([1.5, $width - 1.5]),
                    $dice->chance(50) ? $dice->pick([1.5, 3.0, $height - 2]) : $dice->float(0, $height),
                ),
                $w,
                $shape === OpeningShape::Circle ? $w : $dice->float(0.8, 5),
                $dice->float(0, 1.5),
                IfCovered::ProximityDead,
            );
        }
        $widths = [];
        foreach (Side::cases() as $side) {
            $widths[$side->value] = $dice->float(0.8, 6);
        }
        $narrowings = $dice->chance(40)
            ? [new Narrowing(
                $dice->pick(Side::cases()),
                $dice->float(5, 20),
                $dice->float(21, 45),
                $dice->float(0.4, 3),
            )]
            : [];

        return Rim::of(
            self::wall($width, $height, $dice->chance(30) ? $dice->float(0, 3) : $dice->float(3, 14)),
            $widths,
            array_combine(array_map(static fn(Opening $o): string => $o->id, $openings), $openings),
            $narrowings,
        );
    }

    /** @param list<Opening> $openings */
    public static function rim(
        float $width,
        float $height,
        float $radius,
        float $ledge,
        array $openings = [],
    ): Rim {
        return Rim::of(
            self::wall($width, $height, $radius),
            ['top' => $ledge, 'right' => $ledge, 'bottom' => $ledge, 'left' => $ledge],
            array_combine(array_map(static fn(Opening $o): string => $o->id, $openings), $openings),
        );
    }

    public static function opening(
        OpeningShape $shape,
        float $x,
        float $y,
        float $width,
        float $height,
        float $clearance,
    ): Opening {
        return new Opening(
            'slot',
            'Slot',
            $shape,
            new Point($x, $y),
            $width,
            $height,
            $clearance,
            IfCovered::EarpieceFaint,
        );
    }

    public static function wall(float $width, float $height, float $radius): RoundedRectangle
    {
        return RoundedRectangle::of(new Rectangle(0, 0, $width, $height), $radius);
    }
}
