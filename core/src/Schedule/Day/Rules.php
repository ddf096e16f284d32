<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** Orders to begin with, each by a simple rule. */
final readonly class Rules
{
    /** @return list<Order> */
    public static function of(Day $day): array
    {
        $work = [];
        foreach ($day->tasks as $j => $task) {
            $work[$j] = 0;
            foreach ($task->works as $w) {
                $shape = $w->shapes[array_key_first($w->shapes)];
                $work[$j] += $shape->hold + $shape->off;
            }
        }
        $by = [
            static fn(Task $t, int $j): float => $t->due / $t->weight,
            static fn(Task $t, int $j): float => ($t->due - $work[$j]) / $t->weight,
            static fn(Task $t, int $j): float => $t->release + $work[$j],
            static fn(Task $t, int $j): float => -$work[$j],
        ];
        $all = [];
        foreach ($by as $rule) {
            $order = [];
            foreach ($day->tasks as $j => $task) {
                $order[] = [$rule($task, $j), $j];
            }
            sort($order);
            $all[] = new Order(self::whole($day, array_column($order, 1)));
            $all[] = new Order(self::inTurn($day, array_column($order, 1)));
        }

        return $all;
    }

    /**
     * One phone after the other, all of its blocks.
     *
     * @param list<int> $order
     *
     * @return list<int>
     */
    private static function whole(Day $day, array $order): array
    {
        $sequence = [];
        foreach ($order as $j) {
            array_push($sequence, ...array_fill(0, \count($day->tasks[$j]->works), $j));
        }

        return $sequence;
    }

    /**
     * A block of each in turn.
     *
     * @param list<int> $order
     *
     * @return list<int>
     */
    private static function inTurn(Day $day, array $order): array
    {
        $sequence = [];
        for ($k = 0; \count($sequence) < $day->size(); ++$k) {
            foreach ($order as $j) {
                if (isset($day->tasks[$j]->works[$k])) {
                    $sequence[] = $j;
                }
            }
        }

        return $sequence;
    }
}
