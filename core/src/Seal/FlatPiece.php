<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Polygon;

/** A piece as it is cut from the roll, lying along x from the origin; its outer edge is y = 0. */
final readonly class FlatPiece
{
    public function __construct(private Piece $piece) {}

    /** With the wedges that are notched out of it; wedges at its ends are half ones. */
    public function shape(): Polygon
    {
        [$length, $width, $notch] = [$this->piece->length, $this->piece->stock, $this->piece->notch];
        if ($notch === null) {
            return Polygon::of([
                new Point(0, 0),
                new Point($length, 0),
                new Point($length, $width),
                new Point(0, $width),
            ]);
        }
        $half = $notch->open / 2;
        $inner = [];
        for ($i = $notch->count + 1; $i > 0; --$i) {
            $inner[] = new Point($i * $notch->every - $half, $width);
            $inner[] = new Point(($i - 1) * $notch->every + $half, $width);
            if ($i > 1) {
                $inner[] = new Point(($i - 1) * $notch->every, 0.0);
            }
        }

        return Polygon::of([new Point(0, 0), new Point(($notch->count + 1) * $notch->every, 0), ...$inner]);
    }
}
