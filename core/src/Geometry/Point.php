<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/**
 * A place on the phone in mm: origin at the top left corner of the outline seen from the front, x to the right, y
 * down.
 */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    /** Distance in mm. */
    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }

    /** Distance in mm to the straight piece between two points. */
    public function distanceToSegment(self $a, self $b): float
    {
        $dx = $b->x - $a->x;
        $dy = $b->y - $a->y;
        $square = $dx * $dx + $dy * $dy;
        $t = $square > 0.0 ? (($this->x - $a->x) * $dx + ($this->y - $a->y) * $dy) / $square : 0.0;
        $t = max(0.0, min(1.0, $t));

        return $this->distanceTo(new self($a->x + $t * $dx, $a->y + $t * $dy));
    }
}
