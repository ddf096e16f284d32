<?php

declare(strict_types=1);

namespace Facelift\Fasteners;

use Facelift\Anatomy\Fastener;
use Facelift\Geometry\Point;

/** Where each screw lies while it is out, and in which order screws are tightened. */
final readonly class ScrewMat
{
    /** @param list<MatPlace> $places in the order of removal, numbered from 1 */
    public function __construct(public array $places) {}

    /** @param list<Fastener> $fasteners in the order of removal */
    public static function of(array $fasteners): self
    {
        $places = [];
        foreach ($fasteners as $fastener) {
            foreach ($fastener->places as $at) {
                $places[] = new MatPlace(
                    $fastener->id,
                    \count($places) + 1,
                    $at,
                    $fastener->driver,
                    $fastener->length,
                    $fastener->hole,
                );
            }
        }

        return new self($places);
    }

    /** How far a screw would go past the depth of another hole, mm; zero if it fits. */
    public static function past(float $length, float $depth): float
    {
        return max(0.0, $length - $depth);
    }

    /**
     * Tightening order that spreads the load: each next screw as far as possible from those already tight.
     *
     * @param list<Point> $places
     *
     * @return list<int> indexes into `$places`
     */
    public static function tightening(array $places): array
    {
        $order = $places === [] ? [] : [0];
        while (\count($order) < \count($places)) {
            $best = null;
            $reach = -1.0;
            foreach ($places as $i => $place) {
                $nearest = array_reduce(
                    $order,
                    static fn(float $d, int $o): float => min($d, $place->distanceTo($places[$o])),
                    \INF,
                );
                if (!\in_array($i, $order, true) && $nearest > $reach) {
                    $best = $i;
                    $reach = $nearest;
                }
            }
            $order[] = (int) $best;
        }

        return $order;
    }
}
