<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** Equipment that a block of work holds, in s from the block's beginning. */
final readonly class Held
{
    /** @param bool $through until the time without hands after the block is over */
    public function __construct(public string $kind, public int $from, public int $to, public bool $through) {}
}
