<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A closed shape with straight edges, in mm; its corners in order, the last joined to the first. */
final readonly class Polygon
{
    /** @param non-empty-list<Point> $points three or more */
    private function __construct(public array $points) {}

    /**
     * @param list<Point> $points
     *
     * @throws ImpossibleShape If there are fewer than three.
     */
    public static function of(array $points): self
    {
        return \count($points) < 3 ? throw ImpossibleShape::tooFewCorners(\count($points)) : new self($points);
    }

    public static function box(Rectangle $r): self
    {
        return new self([
            new Point($r->x, $r->y),
            new Point($r->right(), $r->y),
            new Point($r->right(), $r->bottom()),
            new Point($r->x, $r->bottom()),
        ]);
    }

    /** mm² (the shoelace formula: half the sum of the cross products round the shape) */
    public function area(): float
    {
        $sum = 0.0;
        foreach ($this->edges() as [$a, $b]) {
            $sum += $a->x * $b->y - $b->x * $a->y;
        }

        return abs($sum) / 2;
    }

    /** The same with its corners to so many decimals of a mm. */
    public function rounded(int $decimals): self
    {
        return new self(array_map(
            static fn(Point $p): Point => new Point(round($p->x, $decimals), round($p->y, $decimals)),
            $this->points,
        ));
    }

    /** The upright rectangle round it. */
    public function bounds(): Rectangle
    {
        $xs = array_map(static fn(Point $p): float => $p->x, $this->points);
        $ys = array_map(static fn(Point $p): float => $p->y, $this->points);

        return new Rectangle(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** True if the point lies inside; on an edge either may be said. */
    public function holds(Point $p): bool
    {
        $inside = false;
        foreach ($this->edges() as [$a, $b]) {
            if (($a->y > $p->y) !== ($b->y > $p->y)
                && $p->x < ($b->x - $a->x) * ($p->y - $a->y) / ($b->y - $a->y) + $a->x) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /** True if the two lie over each other by more than a thousandth of a mm; to touch is not to meet. */
    public function meets(RoundedRectangle $shape): bool
    {
        $slack = 1e-6;
        if (!$this->bounds()->grown(-$slack)->meets($shape->box)) {
            return false;
        }
        $round = $shape->radius > $slack;
        $core = $shape->box->grown($round ? -$shape->radius : -$slack);

        return $this->distanceTo($core) < ($round ? $shape->radius - $slack : $slack * $slack);
    }

    /** mm between it and an upright rectangle, which may be as thin as a line; zero if they meet. */
    private function distanceTo(Rectangle $r): float
    {
        $corners = self::box($r);
        if ($this->holds($r->centre()) || array_filter($this->points, $r->holds(...)) !== []) {
            return 0.0;
        }
        $least = \INF;
        foreach ($this->edges() as [$a, $b]) {
            foreach ($corners->edges() as [$c, $d]) {
                if (self::cross($a, $b, $c, $d)) {
                    return 0.0;
                }
                $least = min($least, $a->distanceToSegment($c, $d), $c->distanceToSegment($a, $b));
            }
        }

        return $least;
    }

    /** @return list<array{Point, Point}> */
    private function edges(): array
    {
        $count = \count($this->points);
        $edges = [];
        foreach ($this->points as $i => $p) {
            $edges[] = [$p, $this->points[($i + 1) % $count]];
        }

        return $edges;
    }

    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        $side = static fn(Point $p, Point $q, Point $r): float
            => ($q->x - $p->x) * ($r->y - $p->y) - ($q->y - $p->y) * ($r->x - $p->x);

        return $side($a, $b, $c) * $side($a, $b, $d) < 0 && $side($c, $d, $a) * $side($c, $d, $b) < 0;
    }
}
