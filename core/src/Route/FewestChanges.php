<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * Puts removals in a valid order with the fewest tool changes and turns of the phone: dynamic programming over
 * down-sets, the most promising first.
 *
 * Whatever can be done with the tool in the hand and the face that is up is done at once: moving such a removal
 * forward in any valid order keeps it valid and adds no change. So only the moments of change are branched on. A
 * state's
 * promise is its changes so far and the least that its rest must cost: one for every tool of the rest that is not in
 * the
 * hand, and one if anything of it lies on the other face. That never overstates and falls by no more than is paid, so
 * the
 * first complete state taken from the queue is optimal. Alike screws are one removal, which leaves no symmetry to
 * search.
 * Past the state budget the best state so far is completed greedily; the result then says that it is not proven, and
 * gives the promise reached, below which no order can be.
 */
final readonly class FewestChanges
{
    /** @param int $budget states to look at, at most */
    public function __construct(private int $budget = 20000) {}

    /**
     * @param list<RemovalNode> $nodes ids in clauses that are not in this list are passed over; a clause of none but
     *     such ids counts as met
     *
     * @throws NoWayIn If the nodes block each other.
     */
    public function order(array $nodes): OrderedRemovals
    {
        $graph = Graph::of($nodes);
        $queue = [$graph->least($graph->none, Setup::start()) => [[$graph->none, Setup::start(), [], 0]]];
        $seen = [];
        $explored = 0;
        for ($promise = 0, $most = 3 * \count($nodes) + 4; $promise <= $most; ++$promise) {
            for ($i = 0; isset($queue[$promise][$i]); ++$i) {
                [$mask, $setup, $path, $paid] = $queue[$promise][$i];
                unset($queue[$promise][$i]);
                [$mask, $path] = $graph->exhaust($mask, $setup, $path);
                if ($mask === $graph->all) {
                    return $this->result($path, $nodes, null, $explored);
                }
                $key = $mask . '/' . $setup->key();
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                if (++$explored > $this->budget) {
                    return $this->result($this->greedy($graph, $mask, $setup, $path), $nodes, $promise, $explored);
                }
                foreach ($graph->openings($mask, $setup) as [$n, $price]) {
                    $next = $graph->with($mask, $n);
                    $after = $setup->after($nodes[$n]);
                    $queue[max($promise, $paid + $price + $graph->least($next, $after))][] = [
                        $next,
                        $after,
                        [...$path, $n],
                        $paid + $price,
                    ];
                }
            }
        }

        throw NoWayIn::to(array_map(static fn(RemovalNode $n): string => $n->id, $nodes));
    }

    /**
     * @param list<int>         $path
     * @param list<RemovalNode> $nodes
     * @param int|null          $bound what no order can be below, if this one is not proven
     */
    private function result(array $path, array $nodes, ?int $bound, int $explored): OrderedRemovals
    {
        $ordered = array_map(static fn(int $n): RemovalNode => $nodes[$n], $path);
        $changes = OrderedRemovals::changesOf(...$ordered);

        return new OrderedRemovals(
            $ordered,
            $changes,
            $bound === null || $bound >= $changes,
            $explored,
            $bound ?? $changes,
        );
    }

    /**
     * Completes a state by the next setup that gets most done for its price, each time.
     *
     * @param list<int> $path
     *
     * @return list<int>
     */
    private function greedy(Graph $graph, string $mask, Setup $setup, array $path): array
    {
        while (($next = $graph->openings($mask, $setup)) !== []) {
            $best = null;
            foreach ($next as [$n, $price]) {
                $after = $setup->after($graph->nodes[$n]);
                $tried = $graph->exhaust($graph->with($mask, $n), $after, [...$path, $n]);
                $worth = (\count($tried[1]) - \count($path)) / $price;
                if ($best === null || $worth > $best[0]) {
                    $best = [$worth, $after, $tried];
                }
            }
            [, $setup, [$mask, $path]] = $best;
        }

        return $path;
    }
}
