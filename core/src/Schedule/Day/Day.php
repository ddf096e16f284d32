<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Bench;
use Facelift\Schedule\Block;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\NeverOpen;
use Facelift\Schedule\OpenTime;
use Facelift\Schedule\Person;
use Facelift\Schedule\Shape;

/** All that is to be done from a moment on, and with whom and what. */
final readonly class Day
{
    public OpenTime $time;
    /** @var list<Presence> by number of the person */
    public array $presence;
    /** @var array<string, int> count of what can be short */
    public array $equipment;
    /** @var list<Task> */
    public array $tasks;
    /** @var array<string, list<array{int, int}>> equipment that is held from the beginning on, until when */
    public array $held;
    /** @var list<string> ids of phones with work that nobody may do, or whoever may is not there */
    public array $stuck;

    /**
     * @param list<Load> $loads
     * @param int        $now   ms since 1970
     *
     * @throws NeverOpen If the shop does not open within the year.
     */
    public function __construct(public Bench $bench, array $loads, public int $now)
    {
        $this->time = new OpenTime($bench->hours, $now);
        $this->presence = array_map(fn(Person $p): Presence => Presence::of($p, $this->time, $now), $bench->people);
        $equipment = $tasks = $held = $stuck = [];
        foreach (Equipment::cases() as $kind) {
            $count = $bench->count($kind);
            $equipment += $count === null ? [] : [$kind->value => $count];
        }
        $inHand = self::inHand($loads);
        foreach ($loads as $load) {
            if ($load->blocks === []) {
                continue;
            }
            $works = $this->works($load);
            if ($works === null) {
                $stuck[] = $load->id;
            } else {
                $tasks[] = $this->task($load, $works, \in_array($load->id, $inHand, true));
            }
            if ($load->begun?->equipment !== null) {
                $held[$load->begun->equipment->value][] = [0, $this->time->until($load->begun->from)];
            }
        }
        $this->equipment = $equipment;
        $this->tasks = $tasks;
        $this->held = $held;
        $this->stuck = $stuck;
    }

    /** @return int blocks of all phones */
    public function size(): int
    {
        return array_sum(array_map(static fn(Task $t): int => \count($t->works), $this->tasks));
    }

    /** Number of a person; null if there is none of that id. */
    public function person(string $id): ?int
    {
        foreach ($this->bench->people as $i => $person) {
            if ($person->id === $id) {
                return $i;
            }
        }

        return null;
    }

    /**
     * Two hands are one pair: of several phones that somebody is said to have in hand the warm one is, or the first.
     *
     * @param list<Load> $loads
     *
     * @return array<string, string> ids of phones by person
     */
    private static function inHand(array $loads): array
    {
        $first = [];
        foreach ($loads as $load) {
            $person = $load->begun?->person;
            if ($load->begun === null || $person === null) {
                continue;
            }
            $rank = [$load->begun->equipment === null ? 1 : 0, $load->begun->from, $load->id];
            $first[$person] = isset($first[$person]) ? min($first[$person], $rank) : $rank;
        }

        return array_map(static fn(array $rank): string => $rank[2], $first);
    }

    /** @param non-empty-list<Work> $works */
    private function task(Load $load, array $works, bool $inHand): Task
    {
        $person = $inHand ? $load->begun?->person : null;
        $begun = $person === null ? null : $this->person($person);
        // Who has it in hand may not be allowed to: then it is not theirs to go on with.
        $begun = $begun !== null && isset($works[0]->shapes[$begun]) ? $begun : null;

        return new Task(
            $load->id,
            $this->time->until(max($load->from, $load->begun === null ? $load->from : $load->begun->from)),
            $this->time->until($load->due),
            max(1, $load->weight),
            $load->spread,
            $works,
            $begun,
            $load->pin === null ? null : $this->time->until($load->pin),
        );
    }

    /** @return non-empty-list<Work>|null null if somebody is missing for one of its blocks */
    private function works(Load $load): ?array
    {
        $works = [];
        foreach ($load->blocks as $block) {
            $shapes = $this->shapes($block);
            if ($shapes === []) {
                return null;
            }
            $works[] = new Work($block, $shapes);
        }

        return $works === [] ? null : $works;
    }

    /** @return array<int, Shape> */
    private function shapes(Block $block): array
    {
        $shapes = [];
        foreach ($this->bench->people as $i => $person) {
            $shape = $block->shape(1 / max(0.25, $person->pace));
            if ($person->may($block->rights) && $this->presence[$i]->fits(0, $shape->hold) !== null) {
                $shapes[$i] = $shape;
            }
        }

        return $shapes;
    }
}
