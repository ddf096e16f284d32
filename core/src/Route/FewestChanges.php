<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * Puts removals in a valid order with the fewest tool changes and turns of the phone: dynamic programming over
 * down-sets, cheapest first.
 *
 * Whatever can be done with the tool in the hand and the face that is up is done at once: moving such a removal
 * forward in any valid order keeps it valid and adds no change. So only the moments of change are branched on, and
 * the first complete state taken from the queue is optimal. Past the state budget the best state so far is completed
 * greedily, and the result says that it is not proven.
 */
final readonly class FewestChanges
{
    /** @param int $budget states to look at, at most */
    public function __construct(private int $budget = 60000) {}

    /**
     * @param list<RemovalNode> $nodes at most 62; ids in clauses that are not in this list are passed over; a clause of none but such ids counts as met
     *
     * @throws NoWayIn If the nodes block each other.
     */
    public function order(array $nodes): OrderedRemovals
    {
        $masks = $this->masks($nodes);
        $all = (1 << \count($nodes)) - 1;
        $queue = [0 => [[0, Setup::start(), []]]];
        $seen = [];
        $explored = 0;
        for ($cost = 0; $cost <= 2 * \count($nodes) + 2; ++$cost) {
            for ($i = 0; isset($queue[$cost][$i]); ++$i) {
                [$mask, $setup, $path] = $queue[$cost][$i];
                [$mask, $path] = $this->exhaust($mask, $setup, $path, $nodes, $masks);
                if ($mask === $all) {
                    return $this->result($path, $nodes, true, $explored);
                }
                $key = $mask . '/' . $setup->key();
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                if (++$explored > $this->budget) {
                    return $this->result($this->greedy($mask, $setup, $path, $nodes, $masks), $nodes, false, $explored);
                }
                foreach ($this->openings($mask, $setup, $nodes, $masks) as [$n, $price]) {
                    $queue[$cost + $price][] = [$mask | 1 << $n, $setup->after($nodes[$n]), [...$path, $n]];
                }
            }
        }

        throw NoWayIn::to(array_map(static fn(RemovalNode $n): string => $n->id, $nodes));
    }

    /**
     * @param list<int>         $path
     * @param list<RemovalNode> $nodes
     */
    private function result(array $path, array $nodes, bool $optimal, int $explored): OrderedRemovals
    {
        $ordered = array_map(static fn(int $n): RemovalNode => $nodes[$n], $path);

        return new OrderedRemovals($ordered, OrderedRemovals::changesOf(...$ordered), $optimal, $explored);
    }

    /**
     * Completes a state by the cheapest next setup each time.
     *
     * @param list<int>         $path
     * @param list<RemovalNode> $nodes
     * @param list<list<int>>   $masks
     *
     * @return list<int>
     */
    private function greedy(int $mask, Setup $setup, array $path, array $nodes, array $masks): array
    {
        while (($next = $this->openings($mask, $setup, $nodes, $masks)) !== []) {
            $n = $next[0][0];
            $setup = $setup->after($nodes[$n]);
            [$mask, $path] = $this->exhaust($mask | 1 << $n, $setup, [...$path, $n], $nodes, $masks);
        }

        return $path;
    }

    /**
     * @param list<int>         $path
     * @param list<RemovalNode> $nodes
     * @param list<list<int>>   $masks
     *
     * @return array{int, list<int>}
     */
    private function exhaust(int $mask, Setup $setup, array $path, array $nodes, array $masks): array
    {
        do {
            $grew = false;
            foreach ($nodes as $n => $node) {
                if (($mask >> $n & 1) === 0 && $setup->changesTo($node) === 0 && $this->free($masks[$n], $mask)) {
                    $mask |= 1 << $n;
                    $path[] = $n;
                    $grew = true;
                }
            }
        } while ($grew);

        return [$mask, $path];
    }

    /**
     * One removal per setup that can be reached: the first of them; the rest follow at no price.
     *
     * @param list<RemovalNode> $nodes
     * @param list<list<int>>   $masks
     *
     * @return list<array{int, int}> index of the removal and its price
     */
    private function openings(int $mask, Setup $setup, array $nodes, array $masks): array
    {
        $found = [];
        foreach ($nodes as $n => $node) {
            if (($mask >> $n & 1) === 0 && $this->free($masks[$n], $mask)) {
                $found[$setup->after($node)->key()] ??= [$n, $setup->changesTo($node)];
            }
        }
        usort($found, static fn(array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);

        return $found;
    }

    /** @param list<int> $clauses */
    private function free(array $clauses, int $mask): bool
    {
        foreach ($clauses as $any) {
            if (($any & $mask) === 0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<RemovalNode> $nodes
     *
     * @return list<list<int>>
     */
    private function masks(array $nodes): array
    {
        $index = [];
        foreach ($nodes as $n => $node) {
            $index[$node->id] = $n;
        }
        $masks = [];
        foreach ($nodes as $node) {
            $own = [];
            foreach ($node->clauses as $any) {
                $known = array_filter($any, static fn(string $id): bool => isset($index[$id]));
                if ($known !== []) {
                    $own[] = array_reduce($known, static fn(int $m, string $id): int => $m | 1 << $index[$id], 0);
                }
            }
            $masks[] = $own;
        }

        return $masks;
    }
}
