<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

/** The lit area in cells, each small enough that a dead spot of a fingertip's size cannot hide between two strokes. */
final readonly class Grid
{
    /** mm that a cell is wide and high at most */
    public const CELL = 5.0;

    public int $columns;
    public int $rows;

    /**
     * @param float $width  mm of the lit area, more than zero
     * @param float $height mm
     */
    public function __construct(public float $width, public float $height)
    {
        $this->columns = max(1, (int) ceil($width / self::CELL));
        $this->rows = max(1, (int) ceil($height / self::CELL));
    }

    public function cells(): int
    {
        return $this->columns * $this->rows;
    }

    /** mm² of one cell */
    public function cellArea(): float
    {
        return $this->width * $this->height / $this->cells();
    }

    /** @return int number of the cell at a place, row by row from the top left; what lies outside is moved in */
    public function cellAt(float $x, float $y): int
    {
        $column = max(0, min($this->columns - 1, (int) floor($x / $this->width * $this->columns)));
        $row = max(0, min($this->rows - 1, (int) floor($y / $this->height * $this->rows)));

        return $row * $this->columns + $column;
    }
}
