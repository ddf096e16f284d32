<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;

/** A group of alike screws that come out together. */
final readonly class Fastener extends Element
{
    /**
     * @param list<string> $holds  ids of the parts it holds
     * @param list<Point>  $places one per screw, at least one
     */
    public function __construct(
        Heading $heading,
        public Driver $driver,
        public float $thread,
        public float $length,
        public Hole $hole,
        public array $holds,
        public array $places,
    ) {
        parent::__construct($heading);
    }

    public function count(): int
    {
        return \count($this->places);
    }
}
