<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** A screw as the bench knows it: its place on the mat and the hole it came from. */
final readonly class MatScrew
{
    /**
     * @param string      $fastener  id of its group of alike screws
     * @param float       $length    mm
     * @param float       $holeDepth mm
     * @param string|null $under     what a screw that is too long would go into
     */
    public function __construct(public int $number, public string $fastener, public string $driver, public float $length, public float $holeDepth, public ?string $under) {}

    /** Another screw that does the same in every hole. */
    public function isLike(self $other): bool
    {
        return $this->driver === $other->driver && abs($this->length - $other->length) < 1e-9;
    }
}
