<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What happened beside the steps, in order; notes and readings are in the run's record. */
final readonly class Happened
{
    /**
     * @param list<Event>              $extraHeat heatings beyond the plan, on and off in turn
     * @param list<Event>              $rungs     rungs of the ladder that were tried
     * @param array<string, list<int>> $screws    numbers of single screws taken out or put in, by step
     */
    public function __construct(public array $extraHeat = [], public array $rungs = [], public array $screws = []) {}
}
