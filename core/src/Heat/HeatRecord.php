<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What was really done to one bond with heat: when the source came on and off, and what was read. */
final readonly class HeatRecord
{
    /**
     * @param int                       $from     ms since 1970 of the first heating
     * @param list<array{float, float}> $heats    s from there: on and off; the last may still be on
     * @param bool                      $on       true if the source is on
     * @param list<Reading>             $readings in the order in which they were taken
     * @param list<int>                 $elsewhere indexes of heats at another stretch of the edge than the one before
     */
    public function __construct(
        public int $from,
        public array $heats,
        public bool $on,
        public array $readings,
        public array $elsewhere = [],
    ) {}

    /** The programme up to a moment, in s from the first heating; resting where no source was on. */
    public function programme(Source $source, float $until): Programme
    {
        $programme = Programme::empty();
        $clock = 0.0;
        foreach ($this->heats as $i => [$on, $off]) {
            // A heating that is still on goes on as long as is looked ahead.
            $end = $this->on && $i === \count($this->heats) - 1 ? $until : min($off, $until);
            $programme = $programme
                ->rest(max(0.0, min($on, $until) - $clock))
                ->heat(max(0.0, $end - $on), $source, \in_array($i, $this->elsewhere, true));
            $clock = max($clock, $end);
        }

        return $programme->rest(max(0.0, $until - $clock));
    }

    /** When the heat was last put on or taken off, s. */
    public function lastChange(): float
    {
        $last = $this->heats[\count($this->heats) - 1];

        return $this->on ? $last[0] : $last[1];
    }
}
