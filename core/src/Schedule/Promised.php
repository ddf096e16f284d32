<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** What can be promised, and what it comes from. */
final readonly class Promised
{
    /**
     * @param int        $said   as the shop says it, ms since 1970, while it is open
     * @param int        $at     by when it is ready in as many made days as the shop wants
     * @param int        $likely by when in half of them
     * @param int        $alone  by when if no other phone waited, everything as planned
     * @param list<Wait> $waits  what it waits for as planned, in the order in which it comes
     * @param int|null   $opens  when the shop opens before it is ready, if it shuts meanwhile
     */
    public function __construct(
        public int $said,
        public int $at,
        public int $likely,
        public int $alone,
        public array $waits = [],
        public ?int $opens = null,
    ) {}
}
