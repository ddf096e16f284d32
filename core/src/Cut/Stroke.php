<?php

declare(strict_types=1);

namespace Facelift\Cut;

/** A pass that is planned, before it is known how warm the bond will be by then. */
final readonly class Stroke
{
    /** @param float $seconds hands-on */
    public function __construct(public Way $way, public float $seconds) {}

    /** The same at a fraction of its pace. */
    public function slower(float $times): self
    {
        return new self($this->way->slower($times), $this->seconds * $times);
    }
}
