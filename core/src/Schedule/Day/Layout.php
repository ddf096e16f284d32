<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/**
 * Lays out a day block by block: each is begun as early as it can be without moving what lies there already, by whoever
 * is done with it first. What is under way stays; what was pinned comes next.
 */
final class Layout
{
    /** How often a block is begun later so that the next can follow it in time. */
    private const TRIES = 60;

    private Board $board;
    /** @var array<int, list<int>> */
    private array $starts = [];
    /** @var array<int, list<int>> */
    private array $persons = [];

    private function __construct(private readonly Day $day, private readonly Order $order)
    {
        $this->board = new Board($day);
    }

    public static function of(Day $day, Order $order): Laid
    {
        $layout = new self($day, $order);
        foreach ($day->tasks as $j => $task) {
            $layout->starts[$j] = $layout->persons[$j] = [];
            if ($task->begun !== null) {
                $layout->set($j, $task->begun, $task->release);
                $layout->linked($j);
            }
        }
        foreach (self::pinned($day) as $j) {
            $layout->next($j, (int) $day->tasks[$j]->pin);
        }
        foreach ($order->sequence as $j) {
            $layout->next($j, 0);
        }
        foreach ($day->tasks as $j => $task) {
            while (\count($layout->starts[$j]) < \count($task->works)) {
                $layout->next($j, 0);
            }
        }

        return new Laid($day, $layout->starts, $layout->persons);
    }

    /** @return list<int> in the order of their pins */
    private static function pinned(Day $day): array
    {
        $pinned = [];
        foreach ($day->tasks as $j => $task) {
            if ($task->pin !== null && $task->begun === null) {
                $pinned[$j] = $task->pin;
            }
        }
        asort($pinned);

        return array_keys($pinned);
    }

    private function next(int $j, int $from): void
    {
        $task = $this->day->tasks[$j];
        if (\count($this->starts[$j]) < \count($task->works)) {
            $this->group($j, max($from, $task->release));
        }
    }

    /** What has to follow what is under way. */
    private function linked(int $j): void
    {
        if (($this->day->tasks[$j]->works[0]->within ?? null) !== null) {
            $this->next($j, 0);
        }
    }

    /** A block and all that has to follow within a time: the first is begun later if the next would come too late. */
    private function group(int $j, int $from): void
    {
        $works = $this->day->tasks[$j]->works;
        $first = \count($this->starts[$j]);
        $last = $first;
        while ($last < \count($works) - 1 && $works[$last]->within !== null) {
            ++$last;
        }
        $low = [$first => $from];
        $kept = [$this->board, $this->starts[$j], $this->persons[$j]];
        for ($try = $last === $first ? self::TRIES : 1; $try <= self::TRIES; ++$try) {
            [$this->starts[$j], $this->persons[$j]] = [$kept[1], $kept[2]];
            $this->board = $try === self::TRIES ? $kept[0] : clone $kept[0];
            for ($k = $first; $k <= $last; ++$k) {
                $this->place($j, $low[$k] ?? 0);
                $late = $k === $first ? 0 : $this->late($j, $k);
                if ($late > 0 && $try < self::TRIES) {
                    $low[$k - 1] = $this->starts[$j][$k - 1] + $late;

                    continue 2;
                }
            }

            return;
        }
    }

    /** s by which a block begins later than it may after the one before. */
    private function late(int $j, int $k): int
    {
        $within = (int) $this->day->tasks[$j]->works[$k - 1]->within;

        return $this->starts[$j][$k] - $this->over($j, $k - 1) - $within;
    }

    private function place(int $j, int $from): void
    {
        $k = \count($this->starts[$j]);
        $task = $this->day->tasks[$j];
        // What was asked to begin at a time is not put off for anything, nor for anybody.
        $pinned = $k === 0 && $task->pin !== null;
        $waits = $pinned ? 0 : $this->order->notBefore[$j][$k] ?? 0;
        $at = max($from, $k === 0 ? 0 : $this->over($j, $k - 1), $waits);
        $work = $task->works[$k];
        $best = null;
        foreach ($work->shapes as $person => $shape) {
            $asked = $pinned ? $person : $this->order->persons[$j][$k] ?? $person;
            if ($asked !== $person && isset($work->shapes[$asked])) {
                continue;
            }
            $begin = $this->board->earliest($shape, $person, $at) ?? max($at, $this->day->time->horizon());
            $other = ($this->persons[$j][$k - 1] ?? $person) === $person ? 0 : 1;
            $mine = [$this->board->over($begin, $shape), $other, $begin, $person];
            $best = $best === null || $mine < $best ? $mine : $best;
        }
        [, , $begin, $person] = $best ?? [0, 0, $at, array_key_first($work->shapes)];
        $this->set($j, $person, $begin);
    }

    private function set(int $j, int $person, int $at): void
    {
        $this->board->take(
            $this->day->tasks[$j]->works[\count($this->starts[$j])]->shapes[$person],
            $person,
            $at,
        );
        $this->starts[$j][] = $at;
        $this->persons[$j][] = $person;
    }

    private function over(int $j, int $k): int
    {
        return $this->board->over(
            $this->starts[$j][$k],
            $this->day->tasks[$j]->works[$k]->shapes[$this->persons[$j][$k]],
        );
    }
}
