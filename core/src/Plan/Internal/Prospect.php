<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Plan\Strategy;

/**
 * What one way of heating is likely to come to, without planning it through.
 *
 * @internal
 */
final readonly class Prospect
{
    /** Of the time that a stretch takes from cold, what it takes while the plate's warmth is going (from runs). */
    private const PREHEATED = 0.4;

    /**
     * @param int   $tried  index of the setting
     * @param float $burden s, as `Strategy` has it, that it is likely to come to; without end if no bond ever parts
     */
    private function __construct(public int $tried, public Approach $approach, public float $burden) {}

    /** @param list<BondAhead> $bonds that are to be opened */
    public static function of(array $bonds, int $tried, Source $source, Approach $approach): self
    {
        return new self($tried, $approach, array_sum(array_map(
            static fn(BondAhead $b): float => self::burden($b, $source, $approach),
            $bonds,
        )));
    }

    private static function burden(BondAhead $bond, Source $source, Approach $approach): float
    {
        $cut = $bond->leastCut();
        $warm = $bond->warmIn($source);
        if ($bond->isFirst && $bond->partsIn($source) === \INF) {
            return \INF;
        }
        if ($source->covers === null) {
            return Strategy::burdenOf(1, $cut + $warm);
        }
        $stretches = (int) ceil($bond->length() / $source->covers - 1e-6);
        $first = $approach->preheat === null ? $warm : 0.0;
        $next = ($approach->preheat === null ? 1.0 : self::PREHEATED) * $warm;
        if ($approach->held) {
            // What the stretch in hand does not need of the gun goes ahead to the next.
            $next = max(0.0, $next - (1 - $bond->dutyOf($source)) * $cut / $stretches);
        }

        // Where only a little is missing the gun often makes up for it on the way.
        $heatings = 1 + ($stretches - 1) * min(1.0, $next / max(1.0, self::PREHEATED * $warm));

        return Strategy::burdenOf($heatings, $cut + $first + ($stretches - 1) * $next);
    }
}
