<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Polygon;
use Facelift\Geometry\RoundedRectangle;

/** A drawing taken apart into rows, by itself: from the corners of shapes alone. */
final class Scan
{
    /** @return list<array{float, float}> from x to x where a row crosses a polygon, by the even-odd rule */
    public static function row(Polygon $shape, float $y): array
    {
        $at = [];
        $count = \count($shape->points);
        foreach ($shape->points as $i => $a) {
            $b = $shape->points[($i + 1) % $count];
            if (($a->y <= $y) !== ($b->y <= $y)) {
                $at[] = $a->x + ($y - $a->y) * ($b->x - $a->x) / ($b->y - $a->y);
            }
        }
        sort($at);

        return array_map(static fn(array $p): array => [$p[0], $p[1] ?? $p[0]], array_chunk($at, 2));
    }

    /** @return array{float, float}|null from x to x where a row crosses a rounded rectangle */
    public static function rounded(RoundedRectangle $shape, float $y): ?array
    {
        $b = $shape->box;
        if ($y <= $b->y || $y >= $b->bottom()) {
            return null;
        }
        $into = max($b->y + $shape->radius - $y, $y - ($b->bottom() - $shape->radius), 0.0);
        $in = $shape->radius - sqrt(max(0.0, $shape->radius ** 2 - $into ** 2));

        return [$b->x + $in, $b->right() - $in];
    }

    /**
     * mm that two spans share
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    public static function shared(array $a, array $b): float
    {
        return max(0.0, min($a[1], $b[1]) - max($a[0], $b[0]));
    }

    /**
     * The most mm that stock side by side takes of a depth: every sum that can be made is made.
     *
     * @param list<float> $stock mm
     */
    public static function most(float $depth, array $stock): float
    {
        $can = [0 => true];
        for ($at = 0; $at <= (int) floor(100 * $depth + 1e-6); ++$at) {
            if (isset($can[$at])) {
                $best = $at;
                foreach ($stock as $width) {
                    $can[$at + (int) round(100 * $width)] = true;
                }
            }
        }

        return ($best ?? 0) / 100;
    }

    /** @return \Generator<Point> the corners and the middles of the edges */
    public static function points(Polygon $shape): \Generator
    {
        $count = \count($shape->points);
        foreach ($shape->points as $i => $a) {
            $b = $shape->points[($i + 1) % $count];
            yield $a;
            yield new Point(($a->x + $b->x) / 2, ($a->y + $b->y) / 2);
        }
    }
}
