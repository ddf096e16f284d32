<?php

declare(strict_types=1);

namespace Facelift\Chip;

/**
 * Solves what links each ring to itself and its neighbours: block-tridiagonal, two by two, taken apart once and used
 * at every step (Thomas algorithm with blocks).
 */
final readonly class RingSolver
{
    /** @var list<array{float, float, float, float}> the inverse of each pivot, row by row */
    private array $pivots;
    /** @var list<array{float, float}> */
    private array $links;

    /**
     * @param list<array{array{float, float, float, float}, array{float, float}}> $rows of each ring its own two by two
     *     and its links to the next ring; the links back are the same
     */
    public function __construct(array $rows)
    {
        $pivots = $links = [];
        foreach ($rows as $i => [$own, $link]) {
            if ($i > 0) {
                // Own less the link's square through the pivot before.
                [$a, $b] = $links[$i - 1];
                [$p, $q, $r, $s] = $pivots[$i - 1];
                $own = [$own[0] - $a * $p * $a, $own[1] - $a * $q * $b, $own[2] - $b * $r * $a, $own[3] - $b * $s * $b];
            }
            $det = $own[0] * $own[3] - $own[1] * $own[2];
            $pivots[] = [$own[3] / $det, -$own[1] / $det, -$own[2] / $det, $own[0] / $det];
            $links[] = $link;
        }
        [$this->pivots, $this->links] = [$pivots, $links];
    }

    /**
     * @param list<array{float, float}> $right
     *
     * @return list<array{float, float}>
     */
    public function solve(array $right): array
    {
        $forward = [];
        foreach ($right as $i => $row) {
            if ($i > 0) {
                [$x, $y] = self::times($this->pivots[$i - 1], $forward[$i - 1]);
                $row = [$row[0] - $this->links[$i - 1][0] * $x, $row[1] - $this->links[$i - 1][1] * $y];
            }
            $forward[] = $row;
        }
        $solved = [];
        $next = [0.0, 0.0];
        for ($i = \count($forward) - 1; $i >= 0; --$i) {
            $next = self::times($this->pivots[$i], [
                $forward[$i][0] - $this->links[$i][0] * $next[0],
                $forward[$i][1] - $this->links[$i][1] * $next[1],
            ]);
            $solved[$i] = $next;
        }

        return array_reverse(array_values($solved));
    }

    /**
     * @param array{float, float, float, float} $m
     * @param array{float, float}               $v
     *
     * @return array{float, float}
     */
    private static function times(array $m, array $v): array
    {
        return [$m[0] * $v[0] + $m[1] * $v[1], $m[2] * $v[0] + $m[3] * $v[1]];
    }
}
