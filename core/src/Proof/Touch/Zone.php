<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

/** Cells that hang together, as the box round them. */
final readonly class Zone
{
    /**
     * @param float $x     mm from the lit area's left
     * @param float $y     mm from its top
     * @param int   $cells that it holds; fewer than the box has if it is not one
     */
    private function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public int $cells,
    ) {}

    /** @param non-empty-list<int> $cells */
    public static function of(Grid $grid, array $cells): self
    {
        $columns = array_map(static fn(int $c): int => $c % $grid->columns, $cells);
        $rows = array_map(static fn(int $c): int => intdiv($c, $grid->columns), $cells);
        $wide = $grid->width / $grid->columns;
        $high = $grid->height / $grid->rows;

        return new self(
            min($columns) * $wide,
            min($rows) * $high,
            (max($columns) - min($columns) + 1) * $wide,
            (max($rows) - min($rows) + 1) * $high,
            \count($cells),
        );
    }
}
