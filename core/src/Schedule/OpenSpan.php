<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** From when to when a shop is open on a day, by the clock on its wall. */
final readonly class OpenSpan
{
    /**
     * @param int $from minutes since midnight
     * @param int $to   minutes since midnight, more than from, at most 1440
     */
    public function __construct(public int $from, public int $to) {}
}
