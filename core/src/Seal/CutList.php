<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** From which roll every piece of a layout is cut, and what the rolls lack. */
final readonly class CutList
{
    /** A rest shorter than this is thrown away, mm (common practice, no source). */
    public const USEFUL = 30.0;

    /**
     * @param list<RollCut>     $cuts    rolls that something is cut from
     * @param list<StockLength> $missing pieces for which no roll has enough left
     */
    public function __construct(public array $cuts, public array $missing) {}

    /** mm thrown away as rests too short to cut from */
    public function waste(): float
    {
        return array_sum(array_map(static fn(RollCut $c): float => $c->waste(), $this->cuts));
    }

    public function isWhole(): bool
    {
        return $this->missing === [];
    }
}
