<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A rectangle with equal rounded corners, in mm: the outline of a phone, of its glass, of a bond line. */
final readonly class RoundedRectangle
{
    /** @param float $radius mm, 0 up to half of the shorter side */
    private function __construct(public Rectangle $box, public float $radius) {}

    /**
     * @throws ImpossibleShape If a side is not positive, or the radius negative or larger than half the shorter side.
     */
    public static function of(Rectangle $box, float $radius): self
    {
        if ($box->width <= 0 || $box->height <= 0) {
            throw ImpossibleShape::sidesMustBePositive($box->width, $box->height);
        }
        if ($radius < 0 || $radius > min($box->width, $box->height) / 2 + 1e-9) {
            throw ImpossibleShape::radiusDoesNotFit($radius, min($box->width, $box->height) / 2);
        }

        return new self($box, $radius);
    }

    /** Length of the outline in mm: 2(w+h) − 8r + 2πr. */
    public function perimeter(): float
    {
        return 2 * ($this->box->width + $this->box->height) - 8 * $this->radius + 2 * \M_PI * $this->radius;
    }

    /** Area in mm²: wh − (4−π)r². */
    public function area(): float
    {
        return $this->box->width * $this->box->height - (4 - \M_PI) * $this->radius ** 2;
    }

    /** Length in mm of the straight part of a side, between its corners. */
    public function straight(Side $side): float
    {
        return ($side->isHorizontal() ? $this->box->width : $this->box->height) - 2 * $this->radius;
    }

    /** Length in mm of one rounded corner: a quarter circle. */
    public function corner(): float
    {
        return \M_PI * $this->radius / 2;
    }

    /**
     * The parallel outline `$by` mm further in.
     *
     * @throws ImpossibleShape If nothing is left.
     */
    public function inset(float $by): self
    {
        return self::of($this->box->grown(-$by), max(0.0, $this->radius - $by));
    }

    /** The parallel outline `$by` mm further out: everything within `$by` mm of this one; further in if negative. */
    public function grown(float $by): self
    {
        return self::of($this->box->grown($by), max(0.0, $this->radius + $by));
    }

    /**
     * Between which x the shape lies within a band of y, or between which y within a band of x; null if it lies
     * outside of it.
     *
     * @param bool  $acrossY true for a band of y
     * @param float $low     mm
     * @param float $high    mm, more than `$low`
     *
     * @return array{float, float}|null
     */
    public function within(bool $acrossY, float $low, float $high): ?array
    {
        $c = $this->box->centre();
        [$middle, $half, $along, $wide] = $acrossY
            ? [$c->y, $this->box->height / 2, $c->x, $this->box->width / 2]
            : [$c->x, $this->box->width / 2, $c->y, $this->box->height / 2];
        $off = abs(max($low, min($high, $middle)) - $middle);
        if ($off >= $half) {
            return null;
        }
        $into = max(0.0, $off - ($half - $this->radius));
        $reach = $wide - $this->radius + sqrt(max(0.0, $this->radius ** 2 - $into ** 2));

        return [$along - $reach, $along + $reach];
    }

    /** True if the point lies inside or on the outline. */
    public function holds(Point $p): bool
    {
        if (!$this->box->grown(1e-9)->holds($p)) {
            return false;
        }
        $inner = $this->box->grown(-$this->radius);
        $dx = max($inner->x - $p->x, 0.0, $p->x - $inner->right());
        $dy = max($inner->y - $p->y, 0.0, $p->y - $inner->bottom());

        return hypot($dx, $dy) <= $this->radius + 1e-9;
    }

    /** A point on a side, `$along` mm from the side's left or top end (corners included, so 0 is the box corner). */
    public function pointOn(Side $side, float $along): Point
    {
        $b = $this->box;
        $bend = function (float $length) use ($along): float {
            $into = max($this->radius - $along, $along - ($length - $this->radius), 0.0);

            return $this->radius - sqrt(max(0.0, $this->radius ** 2 - min($into, $this->radius) ** 2));
        };

        return match ($side) {
            Side::Top => new Point($b->x + $along, $b->y + $bend($b->width)),
            Side::Bottom => new Point($b->x + $along, $b->bottom() - $bend($b->width)),
            Side::Left => new Point($b->x + $bend($b->height), $b->y + $along),
            Side::Right => new Point($b->right() - $bend($b->height), $b->y + $along),
        };
    }

    /** Length in mm of a side, its box corners included. */
    public function length(Side $side): float
    {
        return $side->isHorizontal() ? $this->box->width : $this->box->height;
    }
}
