<?php

declare(strict_types=1);

namespace Facelift\Record;

/** How long something was seen to hold, and whether it then failed. */
final readonly class Outcome
{
    /**
     * @param float $days   that it was out, zero or more
     * @param bool  $failed false if it still held when it was looked at last
     * @param int   $times  how many went just so, one or more
     */
    public function __construct(public float $days, public bool $failed, public int $times = 1) {}
}
