<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Thing;

/** What is put on for the work at a step, and what comes off again. */
final readonly class ThingChange
{
    /**
     * @param list<Thing> $puts
     * @param list<Thing> $takes
     */
    public function __construct(public array $puts = [], public array $takes = []) {}
}
