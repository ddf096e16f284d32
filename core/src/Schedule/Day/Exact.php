<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/**
 * Tries every day that could be the best: everything lies as early as it can; where two blocks want the same hands or
 * equipment it is tried with either first (after Bartusch, Möhring and Radermacher 1988, Annals of Operations Research
 * 16). Best in lateness, then in finishing times; changes between phones are not part of the proof. Pins are not known
 * to it.
 */
final class Exact
{
    private int $left;
    private readonly Bound $bound;
    private readonly Early $early;

    private function __construct(private readonly Day $day, private Laid $best, int $nodes)
    {
        $this->left = $nodes;
        $this->bound = new Bound($day);
        $this->early = new Early($day);
    }

    /**
     * @param Laid $best  to begin with
     * @param int  $nodes how many are looked into at most
     *
     * @return array{Laid, bool} true if it is proven to be the best
     */
    public static function from(Laid $best, int $nodes): array
    {
        $search = new self($best->day, $best, $nodes);
        $search->into($search->early->begin(), []);

        return [$search->best, $search->left > 0];
    }

    /** @param list<Arc> $arcs */
    private function into(Partial $partial, array $arcs): void
    {
        if ($this->left <= 0) {
            return;
        }
        --$this->left;
        $early = $this->early->of($partial, $arcs);
        if ($early === null || !$this->mayBeBetter($early)) {
            return;
        }
        $open = $this->early->open($early);
        if ($open === null) {
            $laid = $this->laid($early);
            if ($laid->value()->isBetterThan($this->best->value())) {
                $this->best = $laid;
            }

            return;
        }
        if ($open->unassigned !== null) {
            [$j, $k] = $open->unassigned;
            foreach ($this->candidates($early, $j, $k) as $person) {
                $this->into($early->assigned($j, $k, $person), $arcs);
            }

            return;
        }
        foreach ($open->orders as $arc) {
            $this->into($early, [...$arcs, $arc]);
        }
    }

    private function laid(Partial $early): Laid
    {
        $persons = [];
        foreach ($early->persons as $j => $own) {
            $persons[$j] = array_values(array_filter($own, \is_int(...)));
        }

        return new Laid($this->day, array_map(array_values(...), $early->starts), $persons);
    }

    private function mayBeBetter(Partial $early): bool
    {
        $ready = [];
        foreach ($this->day->tasks as $j => $task) {
            $ready[$j] = $this->early->over($early, $j, \count($task->works) - 1);
        }
        $value = $this->best->value();
        $late = $this->bound->late($ready);

        return $late < $value->late
            || ($late === $value->late && $this->bound->finished($ready) < $value->finished);
    }

    /** @return list<int> of people who have nothing yet and are alike, only the first */
    private function candidates(Partial $early, int $j, int $k): array
    {
        $busy = [];
        foreach ($early->persons as $persons) {
            foreach ($persons as $person) {
                $busy[$person ?? -1] = true;
            }
        }
        $seen = $all = [];
        $by = [];
        foreach ($this->day->tasks[$j]->works[$k]->shapes as $person => $shape) {
            $own = $this->day->bench->people[$person];
            $alike = serialize([$own->rights, $own->pace, $this->day->presence[$person]->spans]);
            if (!isset($busy[$person]) && isset($seen[$alike])) {
                continue;
            }
            $seen += isset($busy[$person]) ? [] : [$alike => true];
            $by[$person] = $shape->hold;
            $all[] = $person;
        }
        usort($all, static fn(int $a, int $b): int => $by[$a] <=> $by[$b]);

        return $all;
    }
}
