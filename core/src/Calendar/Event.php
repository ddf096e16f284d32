<?php

declare(strict_types=1);

namespace Facelift\Calendar;

/** One entry of a calendar. */
final readonly class Event
{
    /**
     * @param string $id   that stays the same as long as it is the same thing
     * @param int    $from ms since 1970
     * @param int    $to   ms since 1970; the same as `from` for a moment
     */
    public function __construct(
        public string $id,
        public int $from,
        public int $to,
        public string $summary,
        public string $description = '',
        public ?string $url = null,
    ) {}
}
