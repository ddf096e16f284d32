<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** One block of work where it lies in a day, in s of open time. */
final readonly class Slot
{
    /**
     * @param string $load   id of the phone
     * @param int    $index  of its blocks, from 0
     * @param string $person id of who has the hands
     * @param int    $from   s
     * @param int    $hands  until when hands are on it
     * @param int    $to     until when it goes on without
     */
    public function __construct(
        public string $load,
        public int $index,
        public string $person,
        public int $from,
        public int $hands,
        public int $to,
    ) {}
}
