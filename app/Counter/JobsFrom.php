<?php

declare(strict_types=1);

namespace App\Counter;

use Illuminate\Support\Carbon;

/** The job that a page of a list begins behind: what lies before it is not looked through again. */
final readonly class JobsFrom
{
    /**
     * @param int         $number   of the job shown last
     * @param Carbon|null $closedAt when it was handed over; null if it is open
     */
    public function __construct(public int $number, public ?Carbon $closedAt) {}
}
