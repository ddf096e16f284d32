<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Geometry\Polygon;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Seal\CornerCut;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Notch;
use Facelift\Seal\Piece;
use Facelift\Seal\Rim;

/**
 * A rounded corner of a ledge in straight facets: those of one notched piece, or short butted pieces.
 *
 * @internal
 */
final readonly class ArcBand implements Band
{
    /** mm that the middle of a facet may stand off the wall, for a notched piece */
    private const SAG = 0.05;
    /** mm along the wall of a butted piece at the least, its shorter inner edge allowed for */
    private const BUTTED = 3.4;
    /** tenths of a mm between the depths at which a lane behind an opening is looked for */
    private const STEP = 5;

    private Corner $at;
    private int $facets;
    /** @var list<RoundedRectangle> what openings keep clear in this corner */
    private array $openings;
    /** @var list<Cell> */
    private array $cells;

    public function __construct(
        private Rim $rim,
        private EdgePlace $corner,
        private CornerCut $manner,
        private Fillings $fillings,
    ) {
        $this->at = Corner::of($rim, $corner);
        $this->facets = $manner === CornerCut::Butted
            ? max(1, (int) floor($rim->wall->corner() / self::BUTTED))
            : (int) ceil(\M_PI / 2 / (2 * acos(1 - self::SAG / $rim->wall->radius)));
        $this->openings = $this->at->openings($rim);
        $this->cells = $this->cut();
    }

    public function cells(): array
    {
        return $this->cells;
    }

    public function area(Lane $lane, Cell $cell): float
    {
        $half = $this->half();

        return $lane->wide() * ($this->reach($lane->outer()) + $this->reach($lane->inner())) * sin($half);
    }

    public function goesOn(int $cell): bool
    {
        return $this->manner !== CornerCut::Butted;
    }

    public function lifts(Cell $cell): float
    {
        return $cell->length();
    }

    public function choices(Cell $cell): array
    {
        return $this->fillings->of($cell->free);
    }

    public function piece(Lane $lane, int $first, int $last): Piece
    {
        $each = $this->rim->wall->corner() / $this->facets;
        $count = $last - $first + 1;
        $outer = 2 * $this->reach($lane->outer()) * sin($this->half());
        $inner = 2 * $this->reach($lane->inner()) * sin($this->half());

        return new Piece(
            $this->corner,
            $lane->wide(),
            $count * $outer,
            $this->shape($lane, $first, $last),
            $first * $each,
            ($last + 1) * $each,
            $lane->outer(),
            $count > 1 ? new Notch($count - 1, round($outer, 3), round($outer - $inner, 3)) : null,
        );
    }

    /** @return list<Cell> */
    private function cut(): array
    {
        $cells = [];
        $each = $this->rim->wall->corner() / $this->facets;
        for ($i = 0; $i < $this->facets; ++$i) {
            $cells[] = new Cell($i * $each, ($i + 1) * $each, $this->free($i));
        }

        return $cells;
    }

    private function shape(Lane $lane, int $first, int $last): Polygon
    {
        $one = $two = [];
        for ($i = $first; $i <= $last + 1; ++$i) {
            $one[] = $this->at->at($i / $this->facets, $this->reach($lane->outer()));
            array_unshift($two, $this->at->at($i / $this->facets, $this->reach($lane->inner())));
        }

        return Polygon::of([...$one, ...$two]);
    }

    /** @return list<array{int, int}> tenths of a mm */
    private function free(int $facet): array
    {
        $most = (int) floor(10 * min($this->rim->wall->radius - 0.5, 1.5 * $this->rim->widest() + 1));
        $well = $this->deepest(
            $facet,
            0,
            $most,
            [$this->rim->well],
        );
        if ($this->openings === [] || $well === 0) {
            return $well === 0 ? [] : [[0, $well]];
        }
        $free = [];
        for ($at = 0; $at < $well; $at += self::STEP) {
            $to = $this->deepest(
                $facet,
                $at,
                $well,
                $this->openings,
            );
            if ($to > $at) {
                $free[] = [$at, $to];
                $at = self::STEP * intdiv($to, self::STEP);
            }
        }

        return $free;
    }

    /**
     * How deep a lane may go that begins here; where it begins if it may not lie here at all.
     *
     * @param list<RoundedRectangle> $blocked
     */
    private function deepest(int $facet, int $at, int $most, array $blocked): int
    {
        [$low, $high] = [$at, $most];
        while ($low < $high) {
            $try = intdiv($low + $high + 1, 2);
            $shape = $this->shape(new Lane($at, $try - $at), $facet, $facet);
            $meets = array_filter($blocked, static fn(RoundedRectangle $b): bool => $shape->meets($b));
            [$low, $high] = $meets === [] ? [$try, $high] : [$low, $try - 1];
        }

        return $low;
    }

    /** mm from the arc's centre to where two facets meet, at a depth from the chord at the wall. */
    private function reach(float $depth): float
    {
        return $this->rim->wall->radius - $depth / cos($this->half());
    }

    /** Half of a facet's angle, radians. */
    private function half(): float
    {
        return \M_PI / 4 / $this->facets;
    }
}
