<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What a shop's own passes have taught of an adhesive's window. */
final readonly class Learnt
{
    /**
     * @param float $off   K that the window may still be off: one standard deviation, more than zero
     * @param float $times how many times as fast as estimated a blade goes, more than zero
     * @param int   $jobs  that it rests on
     */
    public function __construct(public float $off, public float $times, public int $jobs) {}
}
