<?php

declare(strict_types=1);

namespace Facelift\Tests\Geometry;

use Facelift\Geometry\NoOutline;
use Facelift\Geometry\SvgOutline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SvgOutlineTest extends TestCase
{
    #[DataProvider('drawings')]
    public function testReadsTheOutline(string $svg, float $width, float $height, float $radius): void
    {
        $outline = SvgOutline::read($svg);
        self::assertEqualsWithDelta(
            [$width, $height, $radius],
            [$outline->width, $outline->height, $outline->radius],
            0.005,
        );
    }

    /** @return iterable<string, array{string, float, float, float}> each worked out by hand */
    public static function drawings(): iterable
    {
        $svg = static fn(string $in, string $at = ''): string => '<svg xmlns="http://www.w3.org/2000/svg" '
            . $at
            . '>'
            . $in
            . '</svg>';
        yield 'a rectangle in mm' => [$svg('<rect width="72" height="150" rx="9"/>'), 72, 150, 9];
        yield 'scaled by the view box' => [
            $svg('<g><rect width="720" height="1500" rx="90"/></g>', 'width="72mm" viewBox="0 0 720 1500"'),
            72,
            150,
            9,
        ];
        yield 'in inches' => [$svg('<rect width="3" height="6"/>', 'width="3in" viewBox="0 0 3 6"'), 76.2, 152.4, 0];
        yield 'a path of lines' => [$svg('<path d="M0 0 L70 0 L70 140 L0 140 Z"/>'), 70, 140, 0];
        yield 'relative, with arcs' => [
            $svg(
                '<path d="m10,0 h50 a10,10 0 0 1 10,10 v120 a10 10 0 0 1 -10 10 '
                    . 'h-50 a10 10 0 0 1 -10 -10 v-120 a10 10 0 0 1 10 -10 z"/>',
            ),
            70,
            140,
            10,
        ];
        yield 'arcs without blanks' => [
            $svg(
                '<path d="M10 0H60a10 10 0 0110 10V130a10 10 0 01-10 10H10a10 10 0 01-10-10V10a10 10 0 0110-10z"/>',
            ),
            70,
            140,
            10,
        ];
        yield 'corners as curves' => [
            $svg(
                '<path d="M8 0H62C66.4 0 70 3.6 70 8V132C70 136.4 66.4 140 62 140H8C3.6 140 0 136.4 0 132V8'
                    . 'C0 3.6 3.6 0 8 0Z"/>',
            ),
            70,
            140,
            8,
        ];
        yield 'a second part that counts from its own beginning' => [
            $svg('<path d="M0 0h70v140h-70zm10 10h5v5h-5z"/>'),
            70,
            140,
            0,
        ];
        yield 'a radius too large is cut' => [$svg('<rect width="40" height="100" rx="90"/>'), 40, 100, 20];
    }

    #[DataProvider('refused')]
    public function testRefusesWhatIsNone(string $svg, string $why): void
    {
        $this->expectException(NoOutline::class);
        $this->expectExceptionMessage($why);
        SvgOutline::read($svg);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'text' => ['a phone', 'not an SVG drawing'];
        yield 'another document' => ['<html/>', 'not an SVG drawing'];
        yield 'an empty drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'neither a rectangle nor a path'];
        yield 'a watch' => ['<svg><rect width="15" height="15"/></svg>', 'a phone is 20 to 300 mm'];
        yield 'a path cut short' => ['<svg><path d="M0 0 L70 0 C1 2 3"/></svg>', 'cut short'];
        yield 'a line' => ['<svg><path d="M0 0 L70 70"/></svg>', 'too few points'];
        yield 'entities' => [
            '<!DOCTYPE svg [<!ENTITY a "b">]><svg><rect width="70" height="140"/></svg>',
            'defines entities',
        ];
        yield 'turned' => [
            '<svg><g transform="rotate(90)"><rect width="70" height="140"/></g></svg>',
            'by a transform',
        ];
        yield 'per cent' => ['<svg><rect width="50%" height="140"/></svg>', 'a plain number is wanted'];
        yield 'pixels' => ['<svg><rect width="70px" height="140"/></svg>', 'a plain number is wanted'];
        yield 'a bulge' => ['<svg><path d="M0 0C0 -30 70 -30 70 0V140H0Z"/></svg>', 'bulges beyond its ends'];
        yield 'half a circle' => ['<svg><path d="M0 35a35 35 0 0 1 70 0V140H0Z"/></svg>', 'no quarter of a circle'];
        yield 'a curve that goes on' => ['<svg><path d="M0 0H70S80 20 70 140H0Z"/></svg>', 'goes on from another'];
        yield 'something else in a path' => ['<svg><path d="x M0 0H70V140H0Z"/></svg>', 'cannot be read'];
        yield 'a flood' => ['<svg>' . str_repeat(' ', 500_001) . '</svg>', 'too large'];
    }
}
