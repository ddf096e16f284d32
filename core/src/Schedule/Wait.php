<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** What a phone waits for between two pieces of its work: equipment that others hold, or hands. */
final readonly class Wait
{
    /**
     * @param Equipment|null $equipment null: hands
     * @param int            $seconds   of open time
     * @param int            $until     ms since 1970
     */
    public function __construct(public ?Equipment $equipment, public int $seconds, public int $until) {}
}
