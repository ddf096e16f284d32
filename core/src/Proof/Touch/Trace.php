<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

/** What strokes over the glass have shown: which cells were met, which were not, and where a stroke broke. */
final readonly class Trace
{
    /** A finger is no faster than this, mm/ms (engineering estimate): what is was lost in between. */
    private const FASTEST = 4.0;
    /** Shorter gaps are a fast finger and a slow panel, mm. */
    private const GAP = 8.0;

    /**
     * @param array<int, true>                        $met   cells, by number
     * @param list<array{float, float, float, float}> $jumps from and to, mm, within one stroke
     */
    private function __construct(public Grid $grid, public array $met, public array $jumps) {}

    /** @param list<Stroke> $strokes */
    public static function of(Grid $grid, array $strokes): self
    {
        $met = $jumps = [];
        foreach ($strokes as $stroke) {
            $last = null;
            foreach ($stroke->points as [$x, $y, $ms]) {
                $met[$grid->cellAt($x, $y)] = true;
                if ($last !== null) {
                    [$fromX, $fromY, $before] = $last;
                    $far = hypot($x - $fromX, $y - $fromY);
                    if ($far > self::GAP && $far > self::FASTEST * max(1.0, $ms - $before)) {
                        $jumps[] = [$fromX, $fromY, $x, $y];
                    } else {
                        $met += self::between($grid, [$fromX, $fromY], [$x, $y]);
                    }
                }
                $last = [$x, $y, $ms];
            }
        }

        return new self($grid, $met, $jumps);
    }

    /** Per cent of the area that was met. */
    public function percent(): float
    {
        return 100.0 * \count($this->met) / $this->grid->cells();
    }

    /** mm² that were not met */
    public function missedArea(): float
    {
        return ($this->grid->cells() - \count($this->met)) * $this->grid->cellArea();
    }

    /** True if every cell was met and no stroke broke. */
    public function isWhole(): bool
    {
        return $this->jumps === [] && \count($this->met) === $this->grid->cells();
    }

    /**
     * Cells that were not met, those that touch one another together.
     *
     * @return list<Zone> from the top down
     */
    public function missed(): array
    {
        $zones = [];
        $left = array_diff_key(array_fill(0, $this->grid->cells(), true), $this->met);
        while ($left !== []) {
            $open = [array_key_first($left)];
            $cells = $open;
            while ($open !== []) {
                $cell = array_pop($open);
                if (!isset($left[$cell])) {
                    continue;
                }
                unset($left[$cell]);
                $cells[] = $cell;
                array_push($open, ...$this->beside($cell));
            }
            $zones[] = Zone::of($this->grid, array_values(array_unique($cells)));
        }

        return $zones;
    }

    /** @return list<int> */
    private function beside(int $cell): array
    {
        $columns = $this->grid->columns;
        $column = $cell % $columns;
        $all = [$cell - $columns, $cell + $columns];
        if ($column > 0) {
            $all[] = $cell - 1;
        }
        if ($column < $columns - 1) {
            $all[] = $cell + 1;
        }

        return $all;
    }

    /**
     * Every cell that a straight line crosses: where it passes from one column or row into the next, in order.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return array<int, true>
     */
    private static function between(Grid $grid, array $from, array $to): array
    {
        $at = [0.0, 1.0];
        foreach ([[$grid->width / $grid->columns, 0], [$grid->height / $grid->rows, 1]] as [$size, $axis]) {
            $length = $to[$axis] - $from[$axis];
            if (abs($length) < 1e-12) {
                continue;
            }
            $low = (int) ceil(min($from[$axis], $to[$axis]) / $size);
            $high = (int) floor(max($from[$axis], $to[$axis]) / $size);
            for ($line = $low; $line <= $high; ++$line) {
                $at[] = ($line * $size - $from[$axis]) / $length;
            }
        }
        sort($at);
        $met = [];
        for ($i = 1, $n = \count($at); $i < $n; ++$i) {
            $middle = max(0.0, min(1.0, ($at[$i - 1] + $at[$i]) / 2));
            $x = $from[0] + $middle * ($to[0] - $from[0]);
            $met[$grid->cellAt($x, $from[1] + $middle * ($to[1] - $from[1]))] = true;
        }

        return $met;
    }
}
