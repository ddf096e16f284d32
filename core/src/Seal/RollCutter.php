<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Seal\Internal\Packing;

/**
 * Cuts the pieces of a layout from the rolls of their width: as much as can be cut, then least thrown away, then fewest
 * rolls begun, then the shortest rests first. Exact: branch and bound over every assignment.
 */
final readonly class RollCutter
{
    /** @param list<StockLength> $lengths */
    public function cut(array $lengths, Rolls $rolls): CutList
    {
        $cuts = [];
        $missing = [];
        foreach ($lengths as $stock) {
            $fits = array_filter($rolls->all, static fn(Roll $r): bool => abs($r->width - $stock->width) < 1e-6);
            $packing = new Packing(array_values($fits), $stock->lengths);
            array_push($cuts, ...$packing->cuts());
            if ($packing->missing() !== []) {
                $missing[] = new StockLength($stock->width, $packing->missing());
            }
        }

        return new CutList($cuts, $missing);
    }
}
