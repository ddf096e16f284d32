<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

use Facelift\Geometry\Side;
use Facelift\Proof\Fault\Sign;

/** What the cells that nobody met look like: all of it, a band along the lines of the sensor, or a patch. */
final readonly class DeadArea
{
    /** Share of a side that a band runs over at the least. */
    private const ACROSS = 0.9;

    /**
     * @param list<Zone> $missed
     * @param Side|null  $flex   edge at which the display's flex leaves it; null if it is not known
     *
     * @return Sign|null null if nothing was missed
     */
    public static function sign(Grid $grid, array $missed, ?Side $flex): ?Sign
    {
        if ($missed === []) {
            return null;
        }
        usort($missed, static fn(Zone $a, Zone $b): int => $b->cells <=> $a->cells);
        $largest = $missed[0];
        $wide = $largest->width >= self::ACROSS * $grid->width;
        $high = $largest->height >= self::ACROSS * $grid->height;

        return match (true) {
            $wide && $high => $largest->cells >= self::ACROSS * $grid->cells() ? Sign::Dead : Sign::Patch,
            !$wide && !$high => Sign::Patch,
            $flex !== null && self::fromEdge($largest, $grid, $flex, $wide) => Sign::BandAtFlex,
            default => Sign::Band,
        };
    }

    /** True if it runs away from that edge, as its lines do, or lies along it. */
    private static function fromEdge(Zone $band, Grid $grid, Side $flex, bool $lies): bool
    {
        if ($lies !== $flex->isHorizontal()) {
            return true;
        }

        return match ($flex) {
            Side::Top => $band->y <= 0.0,
            Side::Left => $band->x <= 0.0,
            Side::Bottom => $band->y + $band->height >= $grid->height - 1e-6,
            Side::Right => $band->x + $band->width >= $grid->width - 1e-6,
        };
    }
}
