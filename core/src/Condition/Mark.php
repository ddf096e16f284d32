<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;
use Facelift\Geometry\Point;

/** One thing drawn on the mat at check-in: a stroke, a zone between two opposite corners, or a place. */
final readonly class Mark
{
    /** @param non-empty-list<Point> $points at least as many as the kind needs, mm in the front's coordinates */
    public function __construct(public MarkKind $kind, public Face $face, public array $points) {}

    /** Shortest distance in mm from the stroke to a point. */
    public function distanceTo(Point $point): float
    {
        $nearest = $this->points[0]->distanceTo($point);
        for ($i = 1, $n = \count($this->points); $i < $n; ++$i) {
            $nearest = min($nearest, $point->distanceToSegment($this->points[$i - 1], $this->points[$i]));
        }

        return $nearest;
    }

    /** True if any of it lies between two heights, mm from the phone's top. */
    public function runsBetween(float $top, float $bottom): bool
    {
        $heights = array_map(static fn(Point $p): float => $p->y, $this->points);

        return min($heights) < $bottom && max($heights) >= $top;
    }

    /** mm along the stroke; zero for a place. */
    public function length(): float
    {
        $length = 0.0;
        for ($i = 1, $n = \count($this->points); $i < $n; ++$i) {
            $length += $this->points[$i - 1]->distanceTo($this->points[$i]);
        }

        return $length;
    }
}
