<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

/**
 * The best schedule of a small job shop by branch and bound over active schedules (Giffler and Thompson 1960), each
 * node bounded by every machine on its own.
 */
final class Exact
{
    private readonly Operations $ops;
    /** @var array<int, int> of its job after each operation */
    private array $rest;
    private int $nodes = 0;
    private int $length;
    /** @var array<int, int>|null */
    private ?array $starts = null;

    /** @param int $most nodes that are looked at before it gives up */
    public function __construct(private readonly Shop $shop, private readonly int $most = 200_000)
    {
        $this->ops = new Operations($shop);
        [, $tails] = $this->ops->headsAndTails();
        $this->rest = [];
        foreach ($tails as $op => $tail) {
            $this->rest[$op] = $tail - $this->ops->time[$op];
        }
        $this->length = \PHP_INT_MAX;
    }

    /**
     * @param int             $length of a schedule that is known
     * @param array<int, int> $starts of that
     * @param int             $bound  no schedule is shorter
     */
    public function from(int $length, array $starts, int $bound): Answer
    {
        $this->length = $length;
        $this->starts = $starts;
        $next = [];
        $op = 0;
        foreach ($this->shop->jobs as $job) {
            $next[] = $op;
            $op += \count($job);
        }
        $this->branch(
            $next,
            [],
            [],
            [],
            $bound,
        );
        $proven = $this->nodes < $this->most || $this->length <= $bound;
        $byJob = [];
        $op = 0;
        foreach ($this->shop->jobs as $job) {
            $byJob[] = array_map(fn(int $i): int => $this->starts[$op + $i] ?? 0, array_keys($job));
            $op += \count($job);
        }

        return new Answer($byJob, $this->length, $proven ? $this->length : $bound);
    }

    /**
     * @param array<int, int> $next   operation of each job that comes next, -1 for none
     * @param array<int, int> $starts
     * @param array<int, int> $jobs   when each job is free, by its place
     * @param array<int, int> $free   when each machine is
     */
    private function branch(
        array $next,
        array $starts,
        array $jobs,
        array $free,
        int $bound,
    ): void {
        if (++$this->nodes >= $this->most || $this->length <= $bound) {
            return;
        }
        $ends = $machine = -1;
        foreach ($next as $j => $op) {
            if ($op !== -1) {
                $end = max($jobs[$j] ?? 0, $free[$this->ops->machine[$op]] ?? 0) + $this->ops->time[$op];
                if ($ends === -1 || $end < $ends) {
                    [$ends, $machine] = [$end, $this->ops->machine[$op]];
                }
            }
        }
        if ($machine === -1) {
            $length = $jobs === [] ? 0 : max($jobs);
            if ($length < $this->length) {
                [$this->length, $this->starts] = [$length, $starts];
            }

            return;
        }
        $branches = [];
        foreach ($this->conflict(
            $next,
            $jobs,
            $free,
            $machine,
            $ends,
        ) as $place => $first) {
            $start = max($jobs[$place] ?? 0, $free[$machine] ?? 0);
            $end = $start + $this->ops->time[$first];
            $after = [
                array_replace($next, [$place => $this->ops->jobAfter[$first]]),
                array_replace($starts, [$first => $start]),
                array_replace($jobs, [$place => $end]),
                array_replace($free, [$machine => $end]),
            ];
            $least = $this->least($after[0], $after[2], $after[3]);
            if ($least < $this->length) {
                $branches[] = [$least, $after];
            }
        }
        usort($branches, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($branches as [$least, $after]) {
            if ($least < $this->length) {
                $this->branch(
                    $after[0],
                    $after[1],
                    $after[2],
                    $after[3],
                    $bound,
                );
            }
        }
    }

    /**
     * One of these is next on the machine: all could begin before the first of them would be done.
     *
     * @param array<int, int> $next
     * @param array<int, int> $jobs
     * @param array<int, int> $free
     *
     * @return array<int, int> operations, by the place of their job
     */
    private function conflict(
        array $next,
        array $jobs,
        array $free,
        int $machine,
        int $ends,
    ): array {
        return array_filter(
            $next,
            fn(int $op, int $place): bool => $op !== -1 && $this->ops->machine[$op] === $machine
                && max($jobs[$place] ?? 0, $free[$machine] ?? 0) < $ends,
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param array<int, int> $next
     * @param array<int, int> $jobs
     * @param array<int, int> $free
     */
    private function least(array $next, array $jobs, array $free): int
    {
        $heads = $on = [];
        $least = 0;
        foreach ($next as $j => $op) {
            $at = $jobs[$j] ?? 0;
            $least = max($least, $at);
            while ($op !== -1) {
                $machine = $this->ops->machine[$op];
                $at = max($at, $free[$machine] ?? 0);
                $heads[$op] = $at;
                $on[$machine][] = $op;
                $at += $this->ops->time[$op];
                $op = $this->ops->jobAfter[$op];
            }
            $least = max($least, $at);
        }
        foreach ($on as $ops) {
            if ($least >= $this->length) {
                return $least;
            }
            $least = max($least, OneMachine::bound($ops, $heads, $this->ops->time, $this->rest));
        }

        return $least;
    }
}
