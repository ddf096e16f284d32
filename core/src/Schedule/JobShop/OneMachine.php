<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

/**
 * The least time in which one machine can be done with its operations if they may be interrupted, each from its head on
 * and with its tail to follow: no schedule is shorter (Jackson's preemptive schedule; Carlier 1982, from memory).
 */
final readonly class OneMachine
{
    /**
     * @param list<int>             $ops
     * @param array<int, int>       $heads  by operation
     * @param array<int, int>       $times
     * @param array<int, int>       $tails  after its own time
     */
    public static function bound(array $ops, array $heads, array $times, array $tails): int
    {
        usort($ops, static fn(int $a, int $b): int => $heads[$a] <=> $heads[$b]);
        $left = [];
        $bound = $clock = $i = 0;
        $count = \count($ops);
        while ($i < $count || $left !== []) {
            if ($left === []) {
                $clock = max($clock, $heads[$ops[$i]]);
            }
            while ($i < $count && $heads[$ops[$i]] <= $clock) {
                $left[$ops[$i]] = $times[$ops[$i]];
                ++$i;
            }
            $urgent = -1;
            foreach ($left as $op => $_) {
                $urgent = $urgent === -1 || $tails[$op] > $tails[$urgent] ? $op : $urgent;
            }
            $until = $i < $count ? min($heads[$ops[$i]], $clock + $left[$urgent]) : $clock + $left[$urgent];
            $left[$urgent] -= $until - $clock;
            $clock = $until;
            if ($left[$urgent] <= 0) {
                unset($left[$urgent]);
                $bound = max($bound, $clock + $tails[$urgent]);
            }
        }

        return $bound;
    }
}
