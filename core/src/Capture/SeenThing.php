<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** Something seen in the front, where it was tapped on the mat. */
final readonly class SeenThing
{
    /** @param float $x mm from the left, seen from the front; y from the top: of its middle */
    public function __construct(public FrontThing $what, public float $x, public float $y) {}
}
