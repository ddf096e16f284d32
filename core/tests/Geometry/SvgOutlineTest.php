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
        yield 'a flood' => ['<svg>' . str_repeat(' ', 500_001) . '</svg>', 'too large'];
    }
}
