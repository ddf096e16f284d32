<?php

declare(strict_types=1);

namespace Facelift\Fasteners;

use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Hole;
use Facelift\Geometry\Point;

/** One screw's own place on the screw mat, and the hole it came from. */
final readonly class MatPlace
{
    /**
     * @param string $fastener id of its group of alike screws
     * @param int    $number   on the mat, from 1
     * @param Point  $at       mm
     * @param float  $length   mm
     */
    public function __construct(
        public string $fastener,
        public int $number,
        public Point $at,
        public Driver $driver,
        public float $length,
        public Hole $hole,
    ) {}

    /** Another screw that does the same in every hole. */
    public function isLike(self $other): bool
    {
        return $this->driver === $other->driver && abs($this->length - $other->length) < 1e-9;
    }
}
