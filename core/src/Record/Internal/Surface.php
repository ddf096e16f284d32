<?php

declare(strict_types=1);

namespace Facelift\Record\Internal;

/**
 * A smooth surface of logarithms on a coarse grid, looked at finely where it matters: what many jobs say is sharper
 * than the grid, but each job's logarithm is smooth on it, and so is their sum. By cubics through four points, along
 * the one axis and then along the other.
 *
 * @internal
 */
final readonly class Surface
{
    /** What lies so far below the highest point weighs nothing. */
    private const DEEP = 16.0;
    /** Fine steps along each axis. */
    private const FINE = 120;

    /**
     * @param list<float> $rows  place of each fine row on the coarse axis
     * @param list<float> $byRow weight of each fine row
     * @param list<float> $columns
     * @param list<float> $byColumn
     */
    private function __construct(
        public array $rows,
        public array $byRow,
        public array $columns,
        public array $byColumn,
    ) {}

    /** @param list<list<float>> $logs by row, and within it by column; at least four of each */
    public static function of(array $logs): self
    {
        $peaks = array_map(static fn(array $row): float => $row === [] ? -\INF : max($row), $logs);
        $across = array_map(
            static fn(int $c): float => max(-\INF, ...array_column($logs, $c)),
            array_keys($logs[0] ?? []),
        );
        $most = max(-\INF, ...$peaks);
        $rows = self::fine($peaks, $most);
        $columns = self::fine($across, $most);
        $narrow = array_map(
            static fn(array $row): array => array_map(static fn(float $c): float => self::at($row, $c), $columns),
            $logs,
        );
        $byRow = $byColumn = array_fill(0, self::FINE + 1, 0.0);
        foreach ($columns as $j => $_) {
            $column = array_column($narrow, $j);
            foreach ($rows as $i => $row) {
                $weight = exp(min(self::DEEP, self::at($column, $row) - $most));
                $byRow[$i] += $weight;
                $byColumn[$j] += $weight;
            }
        }

        return new self($rows, array_values($byRow), $columns, array_values($byColumn));
    }

    /**
     * Even places from a step before the first that matters to a step after the last.
     *
     * @param list<float> $peaks highest point of each coarse row or column
     *
     * @return list<float>
     */
    private static function fine(array $peaks, float $most): array
    {
        $matter = array_keys(array_filter($peaks, static fn(float $p): bool => $p > $most - self::DEEP));
        $first = max(0, ($matter[0] ?? 0) - 1);
        $last = min(\count($peaks) - 1, ($matter[\count($matter) - 1] ?? 0) + 1);
        $places = [];
        for ($i = 0; $i <= self::FINE; ++$i) {
            $places[] = $first + ($last - $first) * $i / self::FINE;
        }

        return $places;
    }

    /** @param list<float> $values at whole places */
    private static function at(array $values, float $place): float
    {
        $base = max(0, min(\count($values) - 4, (int) floor($place) - 1));
        $x = $place - $base;
        [$a, $b, $c, $d] = \array_slice($values, $base, 4) + [0.0, 0.0, 0.0, 0.0];

        // Lagrange's polynomial through 0, 1, 2 and 3.
        return -$a * ($x - 1) * ($x - 2) * ($x - 3) / 6
            + $b * $x * ($x - 2) * ($x - 3) / 2
            - $c * $x * ($x - 1) * ($x - 3) / 2
            + $d * $x * ($x - 1) * ($x - 2) / 6;
    }
}
