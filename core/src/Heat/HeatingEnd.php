<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** How one time on the source ended. */
final readonly class HeatingEnd
{
    /** @param bool $parts true if the bond is in its window at the end */
    public function __construct(
        public float $seconds,
        public Binding $binding,
        public Sample $end,
        public bool $parts,
    ) {}
}
