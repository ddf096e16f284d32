<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * Puts removals in a valid order with the fewest tool changes and turns of the phone: dynamic programming over
 * down-sets, the most promising first.
 *
 * Whatever can be done with the tool in the hand and the face that is up is done at once: moving such a removal
 * forward in any valid order keeps it valid and adds no change. So only the moments of change are branched on. A
 * state's promise is its changes so far and the least that its rest must cost: one for every tool of the rest that is
 * not in the hand, and one if anything of it lies on the other face; or, if that is more, the changes along the longest
 * chain of removals that wait for one another. That never overstates and falls by no more than is paid, so the first
 * complete state taken from the queue is optimal. Alike screws are one removal, which leaves no symmetry to search.
 *
 * Past the budget of states or of time the few states of every price that have got most done are followed to an end,
 * and the order found is improved piece by piece (`Improved`); the result then says that it is not proven, and gives
 * the promise reached, below which no order can be.
 */
final readonly class FewestChanges
{
    /** States of one price that are followed past the budget, times the removals squared: many take longer each. */
    private const FOLLOWED = 1_000_000;
    /** Removals up to which the budget is used in full: more of them take longer each. */
    private const USUAL = 40;

    /** States between two looks at the clock. */
    private const LOOK = 64;

    /**
     * @param int   $budget  states to look at, at most
     * @param float $seconds of search, at most; the search of a phone that is built as phones are takes a tenth of one
     */
    public function __construct(private int $budget = 20000, private float $seconds = \INF) {}

    /**
     * @param list<RemovalNode> $nodes ids in clauses that are not in this list are passed over; a clause of none but
     *     such ids counts as met
     *
     * @throws NoWayIn If the nodes block each other.
     */
    public function order(array $nodes): OrderedRemovals
    {
        $graph = Graph::of($nodes);
        $budget = (int) ceil($this->budget * min(1.0, (self::USUAL / max(1, \count($nodes))) ** 2));
        $queue = [$graph->least($graph->none, Setup::start()) => [[$graph->none, Setup::start(), null, 0]]];
        $seen = [];
        $explored = 0;
        $until = microtime(true) + $this->seconds;
        for ($promise = 0, $most = 3 * \count($nodes) + 4; $promise <= $most; ++$promise) {
            for ($i = 0; isset($queue[$promise][$i]); ++$i) {
                [$mask, $setup, $path, $paid] = $queue[$promise][$i];
                unset($queue[$promise][$i]);
                [$mask, $path] = $graph->exhaust($mask, $setup, $path);
                if ($mask === $graph->all) {
                    return $this->result(Trail::all($path), $nodes, null, $explored);
                }
                $key = $mask . '/' . $setup->key();
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                $late = ++$explored % self::LOOK === 0 && microtime(true) > $until;
                if ($late || $explored > $budget) {
                    $found = (new Improved($graph))->of($this->followed($graph));

                    return $this->result($found, $nodes, $promise, $explored);
                }
                foreach ($graph->openings($mask, $setup) as [$n, $price]) {
                    $next = $graph->with($mask, $n);
                    $after = $setup->after($nodes[$n]);
                    $queue[max($promise, $paid + $price + $graph->least($next, $after))][] = [
                        $next,
                        $after,
                        new Trail($n, $path),
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
     * From the beginning, price by price, those states alone that have got most done.
     *
     * @return list<int> a complete order
     */
    private function followed(Graph $graph): array
    {
        [$begun, $trail] = $graph->exhaust($graph->none, Setup::start(), null);
        $most = max(1, intdiv(self::FOLLOWED, \count($graph->nodes) ** 2));
        $levels = [[[$begun, Setup::start(), $trail, $trail->length ?? 0]]];
        for ($paid = 0; ; ++$paid) {
            $level = $levels[$paid] ?? [];
            unset($levels[$paid]);
            usort($level, static fn(array $a, array $b): int => $b[3] <=> $a[3]);
            foreach (\array_slice($level, 0, $most) as [$mask, $setup, $path]) {
                if ($mask === $graph->all) {
                    return Trail::all($path);
                }
                foreach ($graph->openings($mask, $setup) as [$n, $price]) {
                    $after = $setup->after($graph->nodes[$n]);
                    [$next, $trail] = $graph->exhaust($graph->with($mask, $n), $after, new Trail($n, $path));
                    $levels[$paid + $price][$next . '/' . $after->key()] ??= [
                        $next,
                        $after,
                        $trail,
                        $trail->length ?? 0,
                    ];
                }
            }
            if ($levels === []) {
                throw NoWayIn::to(array_map(static fn(RemovalNode $n): string => $n->id, $graph->nodes));
            }
        }
    }
}
