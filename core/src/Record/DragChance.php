<?php

declare(strict_types=1);

namespace Facelift\Record;

/**
 * How likely a blade is to drag: a logistic function of how far inside its adhesive's window the pass ends, looked at
 * with every error that this may have.
 */
final readonly class DragChance
{
    /** K over which a blade goes from dragging in most cases to dragging in few (estimate from memory). */
    public const OVER = 2.0;
    /** Parts of a standard deviation in which errors are looked at, and how many of them to both sides. */
    private const PARTS = 4;
    private const WIDEST = 4;

    /**
     * @param float $inside K above the window's lower end; negative below it
     * @param float $off    K that this may be off: one standard deviation, zero or more
     *
     * @return float 0 to 1
     */
    public static function of(float $inside, float $off): float
    {
        $sum = $weights = 0.0;
        for ($i = -self::WIDEST * self::PARTS; $i <= self::WIDEST * self::PARTS; ++$i) {
            $z = $i / self::PARTS;
            $weight = exp(-$z * $z / 2);
            $sum += $weight / (1 + exp(($inside + $z * $off) / self::OVER));
            $weights += $weight;
        }

        return $sum / $weights;
    }
}
