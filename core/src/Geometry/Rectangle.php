<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** An upright rectangle in mm; width and height strictly positive. */
final readonly class Rectangle
{
    public function __construct(public float $x, public float $y, public float $width, public float $height) {}

    public static function around(Point $centre, float $width, float $height): self
    {
        return new self($centre->x - $width / 2, $centre->y - $height / 2, $width, $height);
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    public function centre(): Point
    {
        return new Point($this->x + $this->width / 2, $this->y + $this->height / 2);
    }

    /** The same rectangle with every side moved outwards by `$by` mm (inwards if negative). */
    public function grown(float $by): self
    {
        return new self($this->x - $by, $this->y - $by, $this->width + 2 * $by, $this->height + 2 * $by);
    }

    public function contains(self $inner): bool
    {
        $slack = 1e-9;

        return $inner->x >= $this->x - $slack && $inner->y >= $this->y - $slack
            && $inner->right() <= $this->right() + $slack && $inner->bottom() <= $this->bottom() + $slack;
    }

    public function holds(Point $point): bool
    {
        return $point->x >= $this->x
            && $point->x <= $this->right()
            && $point->y >= $this->y
            && $point->y <= $this->bottom();
    }

    public function meets(self $other): bool
    {
        return $this->x < $other->right()
            && $other->x < $this->right()
            && $this->y < $other->bottom()
            && $other->y < $this->bottom();
    }
}
