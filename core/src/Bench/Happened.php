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
     * @param array<string, Event>     $data      what last happened to the old display's data, by `DataState`
     */
    public function __construct(
        public array $extraHeat = [],
        public array $rungs = [],
        public array $screws = [],
        public array $data = [],
    ) {}

    /** True once the old display's data is kept, or somebody has said why it cannot be. */
    public function oldMayGo(): bool
    {
        return isset($this->data[DataState::Kept->value]) || isset($this->data[DataState::GivenUp->value]);
    }

    /** True once nothing more is to be done with the programmer. */
    public function dataIsDone(): bool
    {
        $ended = isset($this->data[DataState::Ended->value]);

        return $ended || (!isset($this->data[DataState::Kept->value]) && isset($this->data[DataState::GivenUp->value]));
    }
}
