<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Leg;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;

/** How optical adhesive is laid between a panel and its new glass. */
final readonly class GlassLaying
{
    /**
     * @param float       $gap    mm between panel and glass
     * @param float       $area   mm² of the panel that it fills
     * @param list<Leg>   $bar    the bar along the middle and the two forks at each end
     * @param list<Point> $drops  beyond a hole in the glass, so that no air is closed in behind it
     * @param float       $spread s until it has run to all corners
     * @param float       $sooner the same, s, warmed to 40 °C
     */
    public function __construct(
        public float $gap,
        public float $area,
        public array $bar,
        public array $drops,
        public float $spread,
        public float $sooner,
    ) {}

    /** Over what the gap takes: it must reach the last corner (common practice, no source). */
    public const MARGIN = 0.1;

    /** ml to lay: gap × area and the margin */
    public function ml(): float
    {
        return $this->gap * $this->area / 1000 * (1 + self::MARGIN);
    }

    /** The bar's outline is not needed: its length in mm, for a steady tip. */
    public function length(): float
    {
        return array_sum(array_map(static fn(Leg $l): float => $l->length(), $this->bar));
    }

    /** Where it is level: the lit area. */
    public static function area(Rectangle $lit): float
    {
        return $lit->width * $lit->height;
    }
}
