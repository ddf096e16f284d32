<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A good schedule of a job shop by tabu search: neighbours are made by changing two operations at the border of a block
 * of the longest path (Nowicki and Smutnicki 1996), judged by their estimated length (Taillard 1994; both from memory),
 * and what was just changed is not changed back for a while.
 */
final class Tabu
{
    private const SEED = 1996;
    private const TENURE = [8, 14];
    /** Without getting better it goes back to the best and on from there otherwise. */
    private const PATIENCE = 2500;

    private readonly Operations $ops;
    private readonly Randomizer $random;
    /** @var array<int, list<int>> order by machine */
    private array $order = [];
    /** @var array<int, int> place of each operation on its machine */
    private array $place = [];
    /** @var array<int, int> earliest start */
    private array $heads = [];
    /** @var array<int, int> from its start to the end */
    private array $tails = [];

    public function __construct(Shop $shop)
    {
        $this->ops = new Operations($shop);
        $this->random = new Randomizer(new Mt19937(self::SEED));
    }

    /**
     * @param int $rounds at most
     * @param int $goal   a length at which it stops: the bound
     *
     * @return array{int, array<int, int>} its length, and the start of every operation
     */
    public function search(int $rounds, int $goal): array
    {
        $this->begin();
        $length = $this->measure();
        $best = [$length, $this->heads, $this->order];
        $tabu = [];
        $since = 0;
        for ($round = 0; $round < $rounds && $best[0] > $goal; ++$round) {
            $swap = $this->swap($tabu, $round, $best[0]);
            if ($swap === null || ++$since > self::PATIENCE) {
                $this->put($best[2]);
                $this->shake();
                $length = $this->measure();
                $tabu = [];
                $since = 0;

                continue;
            }
            [$u, $v] = $swap;
            $tabu["$v-$u"] = $round + $this->random->getInt(...self::TENURE);
            $this->change($u, $v);
            $length = $this->measure();
            if ($length < $best[0]) {
                $best = [$length, $this->heads, $this->order];
                $since = 0;
            }
        }

        return [$best[0], $best[1]];
    }

    /** First the operation that has most of its job before it. */
    private function begin(): void
    {
        [$heads, $tails] = $this->ops->headsAndTails();
        $order = $this->ops->on;
        foreach ($order as $machine => $ops) {
            $late = static fn(int $op): array => [$heads[$op] - $tails[$op], $op];
            usort($ops, static fn(int $a, int $b): int => $late($a) <=> $late($b));
            $order[$machine] = $ops;
        }
        $this->put($order);
        if (!$this->isWhole()) {
            // By head alone nothing waits in a ring: an operation comes after all that begin before it.
            foreach ($order as $machine => $ops) {
                usort($ops, static fn(int $a, int $b): int => [$heads[$a], $a] <=> [$heads[$b], $b]);
                $order[$machine] = $ops;
            }
            $this->put($order);
        }
    }

    /** @param array<int, list<int>> $order */
    private function put(array $order): void
    {
        $this->order = $order;
        foreach ($order as $ops) {
            foreach ($ops as $at => $op) {
                $this->place[$op] = $at;
            }
        }
    }

    private function isWhole(): bool
    {
        return \count($this->sorted()) === \count($this->ops->time);
    }

    /** @return list<int> operations, each after all that it waits for; fewer than all if some wait in a ring */
    private function sorted(): array
    {
        $waits = $queue = [];
        foreach ($this->ops->time as $op => $_) {
            $waits[$op] = ($this->ops->jobBefore[$op] === -1 ? 0 : 1) + ($this->place[$op] === 0 ? 0 : 1);
            if ($waits[$op] === 0) {
                $queue[] = $op;
            }
        }
        for ($i = 0; $i < \count($queue); ++$i) {
            $op = $queue[$i];
            $after = [$this->ops->jobAfter[$op], $this->order[$this->ops->machine[$op]][$this->place[$op] + 1] ?? -1];
            foreach ($after as $next) {
                if ($next !== -1 && --$waits[$next] === 0) {
                    $queue[] = $next;
                }
            }
        }

        return $queue;
    }

    private function measure(): int
    {
        $sorted = $this->sorted();
        $time = $this->ops->time;
        foreach ($sorted as $op) {
            $a = $this->ops->jobBefore[$op];
            $b = $this->order[$this->ops->machine[$op]][$this->place[$op] - 1] ?? -1;
            $this->heads[$op] = max(
                $a === -1 ? 0 : $this->heads[$a] + $time[$a],
                $b === -1 ? 0 : $this->heads[$b] + $time[$b],
            );
        }
        $length = 0;
        foreach (array_reverse($sorted) as $op) {
            $a = $this->ops->jobAfter[$op];
            $b = $this->order[$this->ops->machine[$op]][$this->place[$op] + 1] ?? -1;
            $this->tails[$op] = $time[$op] + max($a === -1 ? 0 : $this->tails[$a], $b === -1 ? 0 : $this->tails[$b]);
            $length = max($length, $this->heads[$op] + $this->tails[$op]);
        }

        return $length;
    }

    /**
     * @param array<string, int> $tabu until which round a change is not made
     *
     * @return array{int, int}|null the two to change, the first stands before the second; null if there is none
     */
    private function swap(array $tabu, int $round, int $best): ?array
    {
        $chosen = null;
        $least = \PHP_INT_MAX;
        foreach ($this->borders() as [$u, $v]) {
            $length = $this->estimate($u, $v) * 1000 + $this->random->getInt(0, 999);
            $free = ($tabu["$u-$v"] ?? -1) < $round || intdiv($length, 1000) < $best;
            if ($free && $length < $least) {
                [$chosen, $least] = [[$u, $v], $length];
            }
        }

        return $chosen;
    }

    /** @return list<array{int, int}> neighbours at the borders of the blocks of one longest path */
    private function borders(): array
    {
        $path = $this->path();
        $borders = [];
        $blocks = [];
        foreach ($path as $op) {
            $last = array_key_last($blocks);
            if ($last !== null && $this->ops->machine[$blocks[$last][0]] === $this->ops->machine[$op]) {
                $blocks[$last][] = $op;
            } else {
                $blocks[] = [$op];
            }
        }
        $end = \count($blocks) - 1;
        foreach ($blocks as $i => $block) {
            $size = \count($block);
            if ($size > 1 && $i > 0) {
                $borders[] = [$block[0], $block[1]];
            }
            if ($size > 1 && $i < $end && !($size === 2 && $i > 0)) {
                $borders[] = [$block[$size - 2], $block[$size - 1]];
            }
        }

        return $borders;
    }

    /** @return list<int> */
    private function path(): array
    {
        $at = -1;
        $length = 0;
        foreach ($this->heads as $op => $head) {
            if ($head === 0 && $this->tails[$op] > $length) {
                [$at, $length] = [$op, $this->tails[$op]];
            }
        }
        $path = [];
        while ($at !== -1) {
            $path[] = $at;
            $end = $this->heads[$at] + $this->ops->time[$at];
            $rest = $this->tails[$at] - $this->ops->time[$at];
            $next = -1;
            $onMachine = $this->order[$this->ops->machine[$at]][$this->place[$at] + 1] ?? -1;
            foreach ([$onMachine, $this->ops->jobAfter[$at]] as $n) {
                if ($next === -1 && $n !== -1 && $this->heads[$n] === $end && $this->tails[$n] === $rest) {
                    $next = $n;
                }
            }
            $at = $next;
        }

        return $path;
    }

    private function estimate(int $u, int $v): int
    {
        $time = $this->ops->time;
        $order = $this->order[$this->ops->machine[$u]];
        $end = fn(int $op): int => $op === -1 ? 0 : $this->heads[$op] + $time[$op];
        $tail = fn(int $op): int => $op === -1 ? 0 : $this->tails[$op];
        $headV = max($end($this->ops->jobBefore[$v]), $end($order[$this->place[$u] - 1] ?? -1));
        $headU = max($end($this->ops->jobBefore[$u]), $headV + $time[$v]);
        $tailU = $time[$u] + max($tail($this->ops->jobAfter[$u]), $tail($order[$this->place[$v] + 1] ?? -1));
        $tailV = $time[$v] + max($tail($this->ops->jobAfter[$v]), $tailU);

        return max($headV + $tailV, $headU + $tailU);
    }

    private function change(int $u, int $v): void
    {
        $machine = $this->ops->machine[$u];
        [$a, $b] = [$this->place[$u], $this->place[$v]];
        $order = $this->order[$machine];
        [$order[$a], $order[$b]] = [$v, $u];
        $this->order[$machine] = array_values($order);
        [$this->place[$u], $this->place[$v]] = [$b, $a];
    }

    /** Some changes on longest paths: never into a ring. */
    private function shake(): void
    {
        for ($i = $this->random->getInt(4, 10); $i > 0; --$i) {
            $this->measure();
            $borders = $this->borders();
            if ($borders === []) {
                return;
            }
            $this->change(...$borders[$this->random->getInt(0, \count($borders) - 1)]);
        }
    }
}
