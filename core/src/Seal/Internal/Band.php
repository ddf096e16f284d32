<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Seal\Piece;

/**
 * A side or a corner of a ledge, as a row of cells along its wall.
 *
 * @internal
 */
interface Band
{
    /** @return list<Cell> in order along the wall */
    public function cells(): array;

    /** mm² of a lane in one cell */
    public function area(Lane $lane, Cell $cell): float;

    /** True if one piece of tape goes on from this cell into the next. */
    public function goesOn(int $cell): bool;

    /** mm along the wall of a cell at which screens lift first: all of a corner, the middle of a side */
    public function lifts(Cell $cell): float;

    /**
     * The sets of lanes that a free depth takes.
     *
     * @return list<list<Lane>>
     */
    public function choices(Cell $cell): array;

    /** The piece that lies in a lane from one cell to another. */
    public function piece(Lane $lane, int $first, int $last): Piece;
}
