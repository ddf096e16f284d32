<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Film;

/** Where a run stands: a pure function of its events. */
final readonly class BenchState
{
    /**
     * @param array<string, Event>                  $done      the confirming event by step
     * @param array<string, Event>                  $timers    the starting event by step
     * @param list<string>                          $wet       places
     * @param array<string, int>                    $screwsOut on the mat now, by group; none with zero
     * @param list<string>                          $off       connectors
     * @param list<string>                          $partsOut
     * @param array<string, int>                    $putOn     things on for the work; none with zero
     * @param array<string, array<string, string>>  $tests     outcome by gate and function
     * @param array<string, string>                 $waived    reason by gate
     * @param list<Event>                           $problems
     * @param list<Event>                           $extraHeat heatings beyond the plan, on and off in turn
     * @param array<string, true>                   $known     ids of all events, undone ones too
     * @param list<Event>                           $readings  temperatures read
     * @param list<Event>                           $rungs     rungs of the ladder that were tried
     * @param array<string, list<int>>              $screws    numbers of single screws taken out or put in, by step
     * @param bool                                  $soaked    alcohol or remover has been in the battery's well: it gets no more heat at all
     */
    public function __construct(
        public array $done,
        public array $timers,
        public array $wet,
        public bool $batteryIn,
        public array $screwsOut,
        public array $off,
        public array $partsOut,
        public array $putOn,
        public array $tests,
        public array $waived,
        public array $problems,
        public array $extraHeat,
        public array $known,
        public array $readings = [],
        public array $rungs = [],
        public bool $soaked = false,
        public array $screws = [],
    ) {}

    /** The first step of the plan that is not done; null when all are. */
    public function next(BenchPlan $plan): ?string
    {
        foreach ($plan->steps as $id => $step) {
            if (!isset($this->done[$id])) {
                return $id;
            }
        }

        return null;
    }

    /**
     * What is not where it belongs: screws on the mat, connectors off, parts out of the phone, things put on for the work.
     * What comes off before the customer's eyes is not among it.
     *
     * @return list<string> ids; empty if everything is accounted for
     */
    public function astray(BenchPlan $plan): array
    {
        return [...array_values(array_diff(array_keys($this->putOn), $this->atHandOver())), ...array_keys($this->screwsOut), ...$this->off, ...array_values(array_diff($this->partsOut, $plan->discarded))];
    }

    /** @return list<string> what is still on and comes off at the counter, before the customer's eyes */
    public function atHandOver(): array
    {
        return array_values(array_filter(array_keys($this->putOn), static fn(string $thing): bool => Film::tryFrom($thing)?->staysUntilHandOver() === true));
    }

    /** @return list<string> functions of a gate without an outcome; empty if the gate was waived with a reason */
    public function untested(BenchPlan $plan, string $gate): array
    {
        if (isset($this->waived[$gate])) {
            return [];
        }

        return array_values(array_diff($plan->gates[$gate] ?? [], array_keys($this->tests[$gate] ?? [])));
    }
}
