<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;
use Facelift\Geometry\Point;

/** One crack, drawn as a stroke on the mat. */
final readonly class Crack
{
    /** @param list<Point> $points at least two, mm in the front's coordinates */
    public function __construct(public Face $face, public array $points) {}

    /** Shortest distance in mm from the crack to a point. */
    public function distanceTo(Point $point): float
    {
        $nearest = \INF;
        for ($i = 1, $n = \count($this->points); $i < $n; ++$i) {
            $nearest = min($nearest, $point->distanceToSegment($this->points[$i - 1], $this->points[$i]));
        }

        return $nearest;
    }
}
