<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * The least set of removals that makes given goals free (a minimum closed set of an AND-OR precedence graph).
 *
 * With one id per clause the set is the plain closure; where a clause leaves a choice, branch and bound tries them.
 */
final readonly class LeastSet
{
    /** @param array<string, list<list<string>>> $clauses of every element that can be removed */
    public function __construct(private array $clauses) {}

    /**
     * @param list<string> $goals
     * @param list<string> $done  already off; costs nothing and meets any clause it stands in
     *
     * @return list<string> ids in the order of the clauses given, goals included
     *
     * @throws NoWayIn If no set can be put in an order.
     */
    public function for(array $goals, array $done = []): array
    {
        $best = null;
        $this->grow(array_fill_keys($goals, true), array_fill_keys($done, true), $best);
        if ($best === null) {
            throw NoWayIn::to($goals);
        }

        return array_values(array_filter(array_keys($this->clauses), static fn(string $id): bool => isset($best[$id])));
    }

    /**
     * @param array<string, true>      $set
     * @param array<string, true>      $done
     * @param array<string, true>|null $best
     */
    private function grow(array $set, array $done, ?array &$best): void
    {
        if ($best !== null && \count($set) >= \count($best)) {
            return;
        }
        $open = $this->openClause($set, $done);
        if ($open === null && $this->canBeOrdered($set, $done)) {
            $best = $set;

            return;
        }
        foreach ($open ?? $this->spares($set, $done) as $choice) {
            $this->grow($set + [$choice => true], $done, $best);
        }
    }

    /**
     * A closed set that cannot be ordered runs in a ring: it needs a second member of some clause that is met already.
     *
     * @param array<string, true> $set
     * @param array<string, true> $done
     *
     * @return list<string>
     */
    private function spares(array $set, array $done): array
    {
        $spares = [];
        foreach (array_keys($set) as $id) {
            foreach ($this->clauses[$id] as $any) {
                $spares += array_fill_keys($any, true);
            }
        }

        return array_keys(array_diff_key($spares, $set, $done));
    }

    /**
     * @param array<string, true> $set
     * @param array<string, true> $done
     *
     * @return list<string>|null the clause with the fewest choices that nothing in the set meets
     */
    private function openClause(array $set, array $done): ?array
    {
        $open = null;
        foreach (array_keys($set) as $id) {
            foreach ($this->clauses[$id] as $any) {
                $met = array_filter($any, static fn(string $m): bool => isset($set[$m]) || isset($done[$m])) !== [];
                if (!$met && ($open === null || \count($any) < \count($open))) {
                    $open = $any;
                }
            }
        }

        return $open;
    }

    /**
     * @param array<string, true> $set
     * @param array<string, true> $done
     */
    private function canBeOrdered(array $set, array $done): bool
    {
        $off = $done;
        do {
            $before = \count($off);
            foreach (array_keys($set) as $id) {
                $blocked = array_filter($this->clauses[$id], static fn(array $any): bool => array_intersect_key(array_fill_keys($any, true), $off) === []);
                if ($blocked === []) {
                    $off[$id] = true;
                }
            }
        } while (\count($off) > $before);

        return array_diff_key($set, $off) === [];
    }
}
