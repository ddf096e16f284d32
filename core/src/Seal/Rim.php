<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Narrowing;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\Phone;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;

/**
 * The ledge that a bond lies on, as it is: between the bezel's wall and the well that stays free, less what openings
 * keep clear.
 */
final readonly class Rim
{
    /** @var list<KeepOut> what adhesive keeps out of */
    public array $keepOuts;

    /**
     * @param RoundedRectangle          $wall    the bezel's wall, against which tape is laid
     * @param RoundedRectangle          $well    inside of the ledge: nothing may lie there
     * @param array<string, Opening>    $openings that lie on this face
     * @param list<Narrowing>           $narrowings stretches on which the ledge is narrower
     * @param list<KeepOut>|null        $keepOuts if they are known already
     */
    private function __construct(
        public RoundedRectangle $wall,
        public RoundedRectangle $well,
        public array $openings,
        public array $narrowings,
        ?array $keepOuts = null,
    ) {
        $this->keepOuts = $keepOuts ?? $this->keptOut();
    }

    /**
     * @param RoundedRectangle       $wall
     * @param array<string, float>   $widths  mm by side
     * @param array<string, Opening> $openings
     * @param list<Narrowing>        $narrowings
     *
     * @throws NothingToSeal If the ledge is wider than the phone.
     */
    public static function of(RoundedRectangle $wall, array $widths, array $openings, array $narrowings = []): self
    {
        $b = $wall->box;
        $w = static fn(Side $s): float => $widths[$s->value];
        $width = $b->width - $w(Side::Left) - $w(Side::Right);
        $height = $b->height - $w(Side::Top) - $w(Side::Bottom);
        if ($width <= 0 || $height <= 0) {
            throw NothingToSeal::ledgeMeetsItself($b, $widths);
        }
        $inner = new Rectangle($b->x + $w(Side::Left), $b->y + $w(Side::Top), $width, $height);
        $radius = min(max(0.0, $wall->radius - max([0.0, ...array_values($widths)])), $width / 2, $height / 2);

        return new self($wall, RoundedRectangle::of($inner, $radius), $openings, $narrowings);
    }

    /** The ledge of the display for a bond at the front, a rim of the bond's own width for a back. */
    public static function under(Phone $phone, Bond $bond): self
    {
        $front = $bond->face === Face::Front;
        $widths = [];
        foreach (Side::cases() as $side) {
            $widths[$side->value] = $front ? $phone->ledge->width($side) : $bond->width;
        }

        return self::of(
            $phone->body->glass,
            $widths,
            $front ? $phone->openings : [],
            $front ? $phone->ledge->narrowings : [],
        );
    }

    /**
     * The ledge without a strip along the wall: where tape lies that has a bead at its outer edge.
     *
     * @param float $by mm
     *
     * @throws NothingToSeal If nothing is left.
     */
    public function inside(float $by): self
    {
        if ($by >= $this->narrowest()) {
            throw NothingToSeal::figure('strip along the wall', $by, 0.0, $this->narrowest());
        }

        return new self(
            $this->wall->inset($by),
            $this->well,
            $this->openings,
            $this->narrowings,
            $this->keepOuts,
        );
    }

    /** mm from the bezel's wall to the well */
    public function width(Side $side): float
    {
        return match ($side) {
            Side::Top => $this->well->box->y - $this->wall->box->y,
            Side::Right => $this->wall->box->right() - $this->well->box->right(),
            Side::Bottom => $this->wall->box->bottom() - $this->well->box->bottom(),
            Side::Left => $this->well->box->x - $this->wall->box->x,
        };
    }

    public function widest(): float
    {
        return max(array_map($this->width(...), Side::cases()));
    }

    public function narrowest(): float
    {
        return min(array_map($this->width(...), Side::cases()));
    }

    /** mm² of the ledge, openings not taken off */
    public function area(): float
    {
        return $this->wall->area() - $this->well->area();
    }

    /** True for a place on the ledge that is clear of every opening. */
    public function holds(Point $p): bool
    {
        if (!$this->wall->holds($p) || $this->well->holds($p)) {
            return false;
        }
        foreach ($this->keepOuts as $out) {
            if ($out->shape->holds($p)) {
                return false;
            }
        }

        return true;
    }

    /** True where the corners are round enough for tape to be bent along them; else the strips meet square. */
    public function hasArcs(): bool
    {
        return $this->wall->radius >= $this->widest() + 0.5;
    }

    /** @return list<KeepOut> */
    private function keptOut(): array
    {
        $out = array_map(
            static fn(Opening $o): KeepOut => new KeepOut($o->clear(), $o->id),
            array_values($this->openings),
        );
        foreach ($this->narrowings as $narrowing) {
            $box = $this->beyond($narrowing);
            if ($box !== null) {
                $out[] = new KeepOut(RoundedRectangle::of($box, 0.0), null);
            }
        }

        return $out;
    }

    /** The part of the ledge that is missing where it is narrower. */
    private function beyond(Narrowing $n): ?Rectangle
    {
        $b = $this->wall->box;
        $missing = $this->width($n->side) - $n->width;
        if ($missing <= 0) {
            return null;
        }
        $length = $n->to - $n->from;

        return match ($n->side) {
            Side::Top => new Rectangle($b->x + $n->from, $b->y + $n->width, $length, $missing),
            Side::Bottom => new Rectangle($b->x + $n->from, $this->well->box->bottom(), $length, $missing),
            Side::Left => new Rectangle($b->x + $n->width, $b->y + $n->from, $missing, $length),
            Side::Right => new Rectangle($this->well->box->right(), $b->y + $n->from, $missing, $length),
        };
    }
}
