<?php

declare(strict_types=1);

namespace Facelift\Bench\Internal;

/**
 * A time on the source as the events have it.
 *
 * @internal
 */
final readonly class OnSource
{
    /**
     * @param int         $on   ms since 1970
     * @param int|null    $off  ms since 1970; null if it is still on
     * @param string|null $step null for heat beyond the plan
     */
    public function __construct(public int $on, public ?int $off, public ?string $step) {}
}
