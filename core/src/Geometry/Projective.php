<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/**
 * What a flat thing looks like from anywhere: the projective transform that takes four corners to four others. The
 * square to the quadrilateral in closed form (Heckbert, "Fundamentals of Texture Mapping and Image Warping", 1989,
 * section 2.2.3; from memory, checked by its own corners in the tests).
 */
final readonly class Projective
{
    /** @param array{float, float, float, float, float, float, float, float, float} $m by rows */
    private function __construct(private array $m) {}

    /**
     * A rectangle as it lies in a picture, back to the rectangle.
     *
     * @param array{Point, Point, Point, Point} $corners in the picture: top left, top right, bottom right, bottom left
     *     of the thing as it is looked at
     * @param float $width  mm of the rectangle, more than zero
     * @param float $height mm
     *
     * @return self from the picture's pixels to mm
     *
     * @throws ImpossibleShape If the corners are no quadrilateral that bulges outwards everywhere.
     */
    public static function flatten(array $corners, float $width, float $height): self
    {
        self::mustBulge($corners);
        [$a, $b, $c, $d] = $corners;
        $sx = $a->x - $b->x + $c->x - $d->x;
        $sy = $a->y - $b->y + $c->y - $d->y;
        [$dx1, $dx2] = [$b->x - $c->x, $d->x - $c->x];
        [$dy1, $dy2] = [$b->y - $c->y, $d->y - $c->y];
        $det = $dx1 * $dy2 - $dx2 * $dy1;
        $g = ($sx * $dy2 - $dx2 * $sy) / $det;
        $h = ($dx1 * $sy - $sx * $dy1) / $det;
        $square = new self([
            ($b->x - $a->x + $g * $b->x) / $width, ($d->x - $a->x + $h * $d->x) / $height, $a->x,
            ($b->y - $a->y + $g * $b->y) / $width, ($d->y - $a->y + $h * $d->y) / $height, $a->y,
            $g / $width, $h / $height, 1.0,
        ]);

        return $square->inverse();
    }

    public function at(Point $p): Point
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->m;
        $w = $g * $p->x + $h * $p->y + $i;

        return new Point(($a * $p->x + $b * $p->y + $c) / $w, ($d * $p->x + $e * $p->y + $f) / $w);
    }

    public function inverse(): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->m;
        $m = [
            $e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e,
            $f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f,
            $d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d,
        ];
        // The scale of the matrix means nothing: its last figure is made 1, so that it can be read.
        $last = abs($m[8]) > 1e-12 ? $m[8] : 1.0;

        return new self([
            $m[0] / $last, $m[1] / $last, $m[2] / $last,
            $m[3] / $last, $m[4] / $last, $m[5] / $last,
            $m[6] / $last, $m[7] / $last, $m[8] / $last,
        ]);
    }

    /** @return array{float, float, float, float, float, float, float, float, float} by rows */
    public function matrix(): array
    {
        return $this->m;
    }

    /** @param array{Point, Point, Point, Point} $corners */
    private static function mustBulge(array $corners): void
    {
        foreach ([0, 1, 2, 3] as $i) {
            [$p, $q, $r] = [$corners[$i], $corners[($i + 1) % 4], $corners[($i + 2) % 4]];
            $turn = ($q->x - $p->x) * ($r->y - $q->y) - ($q->y - $p->y) * ($r->x - $q->x);
            // Clockwise as it is looked at, with y downwards; a sliver is no picture of anything.
            if ($turn < 1.0) {
                throw ImpossibleShape::notAround();
            }
        }
    }
}
