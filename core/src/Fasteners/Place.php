<?php

declare(strict_types=1);

namespace Facelift\Fasteners;

use Facelift\Anatomy\Driver;
use Facelift\Geometry\Point;

/** One screw's own place on the screw mat, and how deep its hole is and what lies under it. */
final readonly class Place
{
    public function __construct(public string $fastener, public int $number, public Point $at, public Driver $driver, public float $length, public float $holeDepth, public ?string $under) {}
}
