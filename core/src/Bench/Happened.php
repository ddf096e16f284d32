<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What happened beside the steps, in order. */
final readonly class Happened
{
    /**
     * @param list<Event>              $problems
     * @param list<Event>              $extraHeat heatings beyond the plan, on and off in turn
     * @param list<Event>              $readings  temperatures read
     * @param list<Event>              $rungs     rungs of the ladder that were tried
     * @param array<string, list<int>> $screws    numbers of single screws taken out or put in, by step
     */
    public function __construct(
        public array $problems = [],
        public array $extraHeat = [],
        public array $readings = [],
        public array $rungs = [],
        public array $screws = [],
    ) {}
}
