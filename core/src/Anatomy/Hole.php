<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What a screw goes into. */
final readonly class Hole
{
    /**
     * @param float       $depth mm that a screw may go in before it meets something
     * @param string|null $under what a screw that is too long would go into
     */
    public function __construct(public float $depth, public ?string $under) {}
}
