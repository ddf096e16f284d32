<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;

/** A group of alike screws that come out together. */
final readonly class Fastener
{
    /**
     * @param float              $thread    mm, diameter
     * @param float              $length    mm under the head
     * @param float              $holeDepth mm that a screw may go in before it meets something
     * @param list<string>       $holds     ids of the parts it holds
     * @param list<list<string>> $after
     * @param list<Point>        $places    one per screw, at least one
     * @param string|null        $under     what a screw that is too long would go into
     */
    public function __construct(
        public string $id,
        public string $name,
        public Driver $driver,
        public float $thread,
        public float $length,
        public float $holeDepth,
        public array $holds,
        public array $after,
        public Face $face,
        public array $places,
        public ?string $under,
    ) {}

    public function count(): int
    {
        return \count($this->places);
    }
}
