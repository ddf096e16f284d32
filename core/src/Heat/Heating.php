<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** One time on the plate. */
final readonly class Heating
{
    /** @param bool $parts true if the bond is in its window at the end */
    public function __construct(public float $seconds, public Binding $binding, public Sample $end, public bool $parts) {}
}
