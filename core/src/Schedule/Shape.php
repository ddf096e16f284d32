<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** How a block of work lies in time, in s from its beginning. */
final readonly class Shape
{
    /**
     * @param int        $hold for how long somebody's hands are on it
     * @param int        $off  s after that without hands
     * @param list<Held> $uses
     */
    public function __construct(public int $hold, public int $off, public array $uses) {}
}
