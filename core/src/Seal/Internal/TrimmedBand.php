<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Geometry\Polygon;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Seal\EdgePlace;
use Facelift\Seal\Piece;
use Facelift\Seal\Rim;

/**
 * A rounded corner that two wide strips run into, one from either side, each trimmed in place along the arc and along
 * the ledge's inner edge; they meet at half the corner.
 *
 * @internal
 */
final readonly class TrimmedBand implements Band
{
    private const CELLS = 16;
    /** Chords for the arc of one cell. */
    private const CHORDS = 2;

    private Corner $at;
    private float $widest;
    /** @var list<RoundedRectangle> */
    private array $blocked;
    /** @var list<Cell> */
    private array $cells;

    /** @param list<float> $stock widths in mm */
    public function __construct(private Rim $rim, private EdgePlace $corner, private array $stock)
    {
        $this->at = Corner::of($rim, $corner);
        $this->widest = $stock === [] ? 0.0 : max($stock);
        $this->blocked = [$rim->well, ...$this->at->openings($rim)];
        $this->cells = $this->cut();
    }

    public function cells(): array
    {
        return $this->cells;
    }

    public function area(Lane $lane, Cell $cell): float
    {
        $r = $this->rim->wall->radius;

        return $cell->length() / $r * ($r ** 2 - ($r - $lane->inner()) ** 2) / 2;
    }

    public function goesOn(int $cell): bool
    {
        return $cell !== self::CELLS / 2 - 1;
    }

    public function lifts(Cell $cell): float
    {
        return $cell->length();
    }

    public function choices(Cell $cell): array
    {
        $sets = [[]];
        foreach ($cell->free as [, $deep]) {
            for ($d = $deep; $d >= 10; $d -= $d > $deep - 6 ? 1 : 3) {
                $sets[] = [new Lane(0, $d)];
            }
        }

        return $sets;
    }

    public function piece(Lane $lane, int $first, int $last): Piece
    {
        $each = $this->rim->wall->corner() / self::CELLS;
        $r = $this->rim->wall->radius;
        // The far end of the arc from the side that the strip comes from.
        $turn = \M_PI / 2 * ($first < self::CELLS / 2 ? $last + 1 : self::CELLS - $first) / self::CELLS;
        $wide = $r - ($r - $lane->inner()) * cos($turn);
        $fit = array_filter($this->stock, static fn(float $w): bool => $w >= $wide - 1e-6);

        return new Piece(
            $this->corner,
            $fit === [] ? $this->widest : min($fit),
            $r * sin($turn),
            $this->shape($lane, $first, $last),
            $first * $each,
            ($last + 1) * $each,
            0.0,
            trimmed: true,
        );
    }

    /** @return list<Cell> */
    private function cut(): array
    {
        $cells = [];
        $each = $this->rim->wall->corner() / self::CELLS;
        for ($i = 0; $i < self::CELLS; ++$i) {
            $deep = $this->deepest($i);
            $cells[] = new Cell($i * $each, ($i + 1) * $each, $deep > 0 ? [[0, $deep]] : []);
        }

        return $cells;
    }

    private function shape(Lane $lane, int $first, int $last): Polygon
    {
        $r = $this->rim->wall->radius;
        $one = $two = [];
        $chords = self::CHORDS * ($last - $first + 1);
        for ($i = 0; $i <= $chords; ++$i) {
            $turn = ($first + $i / self::CHORDS) / self::CELLS;
            $one[] = $this->at->at($turn, $r);
            array_unshift($two, $this->at->at($turn, $r - $lane->inner()));
        }

        return Polygon::of([...$one, ...$two]);
    }

    /** Tenths of a mm that are free behind a cell, no deeper than the widest strip reaches at half the corner. */
    private function deepest(int $cell): int
    {
        $r = $this->rim->wall->radius;
        $stock = $r - ($r - $this->widest) / cos(\M_PI / 4);
        [$low, $high] = [0, max(0, (int) floor(10 * min($stock, $this->rim->widest() * 1.5 + 1, $r - 0.5)))];
        while ($low < $high) {
            $try = intdiv($low + $high + 1, 2);
            $shape = $this->shape(new Lane(0, $try), $cell, $cell);
            $meets = array_filter($this->blocked, static fn(RoundedRectangle $b): bool => $shape->meets($b));
            [$low, $high] = $meets === [] ? [$try, $high] : [$low, $try - 1];
        }

        return $low;
    }
}
