<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** What has to be decided next. */
final readonly class Open
{
    /**
     * @param array{int, int}|null $unassigned task and block that nobody has yet
     * @param list<Arc>            $orders     of which one holds in any day that can be worked
     */
    public function __construct(public ?array $unassigned, public array $orders) {}
}
