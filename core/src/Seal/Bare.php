<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** A piece of the edge that no adhesive holds. */
final readonly class Bare
{
    /** @param float $length mm along the wall, more than zero; it may go on round a corner */
    public function __construct(public EdgePlace $begins, public float $length) {}
}
