<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Geometry\Point;
use Facelift\Geometry\Polygon;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Piece;
use Facelift\Seal\Rim;

/**
 * A straight side of a ledge; where the corners are too tight to bend tape, the top and the bottom run through them.
 *
 * @internal
 */
final readonly class StraightBand implements Band
{
    /** mm to both sides of the middle that count as mid-side (common practice: screens lift there; figure ours) */
    public const MID = 15.0;
    /** mm between the cells along a rounded opening */
    private const STEP = 1.0;
    /** Chords for an arc that ends a strip. */
    private const CHORDS = 12;

    private float $from;
    private float $to;
    /** @var list<Cell> */
    private array $cells;

    public function __construct(private Rim $rim, private Side $side, private Fillings $fillings)
    {
        $length = $rim->wall->length($side);
        $radius = $rim->wall->radius;
        [$before, $after] = $side->isHorizontal() ? [Side::Left, Side::Right] : [Side::Top, Side::Bottom];
        $through = $side->isHorizontal() && !$rim->hasArcs();
        $ends = $rim->hasArcs() ? [$radius, $radius] : [$rim->width($before), $rim->width($after)];
        $this->from = $through ? 0.0 : max($radius, $ends[0]);
        $this->to = $length - ($through ? 0.0 : max($radius, $ends[1]));
        $this->cells = $this->cut();
    }

    public function cells(): array
    {
        return $this->cells;
    }

    public function area(Lane $lane, Cell $cell): float
    {
        return $lane->wide() * $cell->length();
    }

    public function goesOn(int $cell): bool
    {
        return true;
    }

    public function lifts(Cell $cell): float
    {
        [$from, $to] = $this->middle();
        $mid = max(0.0, min($cell->to, $to) - max($cell->from, $from));
        $radius = $this->rim->wall->radius;
        $corner = max(0.0, min($cell->to, $radius) - $cell->from)
            + max(0.0, $cell->to - max($cell->from, $this->rim->wall->length($this->side) - $radius));

        return $mid + $corner;
    }

    public function choices(Cell $cell): array
    {
        return $this->fillings->of($cell->free);
    }

    public function piece(Lane $lane, int $first, int $last): Piece
    {
        [$from, $to] = [$this->cells[$first]->from, $this->cells[$last]->to];
        [$a, $b] = $this->clipped($from, $to, $lane->inner());

        return new Piece(
            EdgePlace::ofSide($this->side),
            $lane->wide(),
            max(0.0, $b - $a),
            $this->shape($lane, $from, $to),
            $from,
            $to,
            $lane->outer(),
        );
    }

    /** @return list<Cell> */
    private function cut(): array
    {
        $cuts = [$this->from, $this->to, ...$this->middle()];
        foreach ($this->rim->keepOuts as $out) {
            [$a, $b] = $this->along($out->shape->box);
            $steps = $out->shape->radius > 0 ? (int) ceil(($b - $a) / self::STEP) : 1;
            for ($i = 0; $i <= $steps; ++$i) {
                $cuts[] = $a + ($b - $a) * $i / $steps;
            }
        }
        $cuts = array_filter($cuts, fn(float $c): bool => $c > $this->from - 1e-9 && $c < $this->to + 1e-9);
        sort($cuts);
        $cells = [];
        foreach (array_slice($cuts, 1) as $i => $to) {
            if ($to - $cuts[$i] > 1e-6) {
                $cells[] = new Cell($cuts[$i], $to, $this->free($cuts[$i], $to));
            }
        }

        return $cells;
    }

    private function shape(Lane $lane, float $from, float $to): Polygon
    {
        $length = $this->rim->wall->length($this->side);
        $radius = $this->rim->wall->radius;
        $outer = $this->outermost($lane, $from, $to);
        $steps = $from < $radius || $to > $length - $radius ? self::CHORDS : 1;
        $one = $two = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $depth = $outer + ($lane->inner() - $outer) * $i / $steps;
            [$a, $b] = $this->clipped($from, $to, $depth);
            $one[] = $this->at($a, $depth);
            array_unshift($two, $this->at(max($a, $b), $depth));
        }

        return Polygon::of([...$one, ...$two]);
    }

    /** mm from the wall at which a piece begins: further in than its lane where the corner's arc cuts all of it off. */
    private function outermost(Lane $lane, float $from, float $to): float
    {
        $lies = function (float $depth) use ($from, $to): bool {
            [$a, $b] = $this->clipped($from, $to, $depth);

            return $b > $a;
        };
        [$out, $in] = [$lane->outer(), $lane->inner()];
        if ($lies($out)) {
            return $out;
        }
        while ($in - $out > 1e-4) {
            $try = ($out + $in) / 2;
            [$out, $in] = $lies($try) ? [$out, $try] : [$try, $in];
        }

        return $in;
    }

    /** @return array{float, float} mm along the side, between the arcs of the corners at a depth from the wall */
    private function clipped(float $from, float $to, float $depth): array
    {
        $radius = $this->rim->wall->radius;
        $bend = $radius - sqrt(max(0.0, $radius ** 2 - max(0.0, $radius - $depth) ** 2));

        return [max($from, $bend), min($to, $this->rim->wall->length($this->side) - $bend)];
    }

    /** A point by its mm along the side and its depth from the wall. */
    private function at(float $along, float $depth): Point
    {
        $b = $this->rim->wall->box;

        return match ($this->side) {
            Side::Top => new Point($b->x + $along, $b->y + $depth),
            Side::Bottom => new Point($b->x + $along, $b->bottom() - $depth),
            Side::Left => new Point($b->x + $depth, $b->y + $along),
            Side::Right => new Point($b->right() - $depth, $b->y + $along),
        };
    }

    /** @return list<array{int, int}> tenths of a mm that are free all along */
    private function free(float $from, float $to): array
    {
        $b = $this->rim->wall->box;
        $offset = $this->side->isHorizontal() ? $b->x : $b->y;
        $blocked = [];
        foreach ($this->rim->keepOuts as $out) {
            $span = $out->shape->within(
                !$this->side->isHorizontal(),
                $offset + $from + 1e-6,
                $offset + $to - 1e-6,
            );
            if ($span !== null) {
                $blocked[] = $this->depths($span);
            }
        }
        sort($blocked);
        $free = [];
        $at = 0;
        foreach ($blocked as [$low, $high]) {
            $until = (int) floor(10 * $low + 1e-6);
            if ($until > $at) {
                $free[] = [$at, min($until, $this->deep())];
            }
            $at = max($at, (int) ceil(10 * $high - 1e-6));
        }
        if ($at < $this->deep()) {
            $free[] = [$at, $this->deep()];
        }

        return array_values(array_filter($free, static fn(array $f): bool => $f[1] > $f[0]));
    }

    /** Tenths of a mm from the wall to the well. */
    private function deep(): int
    {
        return (int) floor(10 * $this->rim->width($this->side) + 1e-6);
    }

    /**
     * @param array{float, float} $span mm across the side
     *
     * @return array{float, float} mm from the wall
     */
    private function depths(array $span): array
    {
        $b = $this->rim->wall->box;

        return match ($this->side) {
            Side::Top => [$span[0] - $b->y, $span[1] - $b->y],
            Side::Bottom => [$b->bottom() - $span[1], $b->bottom() - $span[0]],
            Side::Left => [$span[0] - $b->x, $span[1] - $b->x],
            Side::Right => [$b->right() - $span[1], $b->right() - $span[0]],
        };
    }

    /** @return array{float, float} mm along the side */
    private function along(Rectangle $box): array
    {
        $b = $this->rim->wall->box;

        return $this->side->isHorizontal()
            ? [$box->x - $b->x, $box->right() - $b->x]
            : [$box->y - $b->y, $box->bottom() - $b->y];
    }

    /** @return array{float, float} mm along the side */
    private function middle(): array
    {
        $half = $this->rim->wall->length($this->side) / 2;

        return [max($this->from, $half - self::MID), min($this->to, $half + self::MID)];
    }
}
