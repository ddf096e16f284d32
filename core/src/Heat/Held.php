<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** How a cut went while the source went on. */
final readonly class Held
{
    /**
     * @param float        $reached mm of straight edge that are through
     * @param BondCurve    $curve   the bond meanwhile; its points may lie closer at the end than it says
     * @param Binding|null $ended   the limit that ended it early; null if it is through
     */
    public function __construct(
        public float $seconds,
        public float $reached,
        public BondCurve $curve,
        public ?Binding $ended,
    ) {}
}
