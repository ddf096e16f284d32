<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Polygon;

/** One piece of tape as it lies on the ledge, and as it is cut from the roll; to a thousandth of a mm. */
final readonly class Piece
{
    /** A shorter piece does not hold and is left out, mm (common practice, no source). */
    public const SHORTEST = 3.0;

    /** mm to cut from the roll */
    public float $length;
    /** where it lies, seen from the front */
    public Polygon $lies;
    /** mm along the wall of its place, where it begins */
    public float $from;
    /** mm, more than `$from` */
    public float $to;

    /**
     * @param float      $stock   mm wide on the roll
     * @param float      $length  mm to cut from the roll
     * @param Polygon    $lies    where it lies, seen from the front
     * @param float      $from    mm along the wall of its place, where it begins
     * @param float      $to      mm, more than `$from`
     * @param float      $depth   mm from the wall to its outer edge, zero against the wall
     * @param Notch|null $notch   where its inner edge is notched to go round a corner
     * @param bool       $trimmed true if it is laid long and trimmed in place along the arc
     */
    public function __construct(
        public EdgePlace $place,
        public float $stock,
        float $length,
        Polygon $lies,
        float $from,
        float $to,
        public float $depth,
        public ?Notch $notch = null,
        public bool $trimmed = false,
    ) {
        $this->length = round($length, 3);
        $this->lies = $lies->rounded(3);
        $this->from = round($from, 3);
        $this->to = round($to, 3);
    }

    /** mm² that it holds */
    public function area(): float
    {
        return $this->lies->area();
    }
}
