<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** How many screws a group may have that nobody has counted. */
final readonly class ScrewRange
{
    /**
     * @param int $fewest zero or more
     * @param int $most   not fewer
     */
    public function __construct(public int $fewest, public int $most) {}
}
