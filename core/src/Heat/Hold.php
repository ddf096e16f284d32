<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * Keeps a stretch at a temperature: the source is on it while it is colder, else it goes ahead
 * to the next one, until that is as warm.
 */
final readonly class Hold
{
    /** s between two looks at it (common practice, no source) */
    public const EVERY = 4.0;

    /** @param float $celsius of the bond */
    public function __construct(private Lanes $lanes, public float $celsius) {}

    /** Where the source has to be now. */
    public function at(): HoldAt
    {
        return match (true) {
            $this->lanes->bond() < $this->celsius => HoldAt::Stretch,
            $this->lanes->bondAhead() < $this->celsius => HoldAt::Ahead,
            default => HoldAt::Away,
        };
    }
}
