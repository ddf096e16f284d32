<?php

declare(strict_types=1);

namespace Facelift\Proof\Touch;

/** One finger from down to up. */
final readonly class Stroke
{
    /** @param list<array{float, float, float}> $points x and y in mm from the lit area's top left, ms since it began */
    public function __construct(public array $points) {}
}
