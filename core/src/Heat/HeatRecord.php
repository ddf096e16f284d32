<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What was really done to one bond with heat: when the source came on and off, and what was read. */
final readonly class HeatRecord
{
    /**
     * @param int                        $from     ms since 1970 of the first heating
     * @param non-empty-list<HeatedSpan> $heats    in order; the last may still be on
     * @param bool                       $on       true if the source is on
     * @param list<Reading>              $readings in the order in which they were taken
     */
    public function __construct(
        public int $from,
        public array $heats,
        public bool $on,
        public array $readings,
    ) {}

    /** The programme up to a moment, in s from the first heating; resting where no source was on. */
    public function programme(Source $source, float $until): Programme
    {
        $programme = Programme::empty();
        $clock = 0.0;
        foreach ($this->heats as $i => $heat) {
            // A heating that is still on goes on as long as is looked ahead.
            $heat = $this->on && $i === \count($this->heats) - 1 ? $heat->until($until) : $heat;
            $programme = $programme
                ->rest(max(0.0, min($heat->on, $until) - $clock))
                ->then($heat->span($source, $until));
            $clock = max($clock, min($heat->off, $until));
        }

        return $programme->rest(max(0.0, $until - $clock));
    }

    /** When the heat was last put on or taken off, s. */
    public function lastChange(): float
    {
        $last = $this->last();

        return $this->on ? $last->on : $last->off;
    }

    public function last(): HeatedSpan
    {
        return $this->heats[\count($this->heats) - 1];
    }

    /** True while the source only keeps warm what is being cut. */
    public function isHeld(): bool
    {
        return $this->on && $this->last()->keptAt !== null;
    }

    /** @return list<Reading> those that the plan's own source has part in: what another warmed before says nothing */
    public function readingsOfSource(): array
    {
        $before = 0.0;
        foreach ($this->heats as $heat) {
            $before = $heat->by === null ? $before : max($before, $heat->off);
        }

        return array_values(array_filter($this->readings, static fn(Reading $r): bool => $r->second > $before));
    }
}
