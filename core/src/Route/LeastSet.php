<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * The least sets of removals that make given goals free (minimum closed sets of an AND-OR precedence graph).
 *
 * With one id per clause the set is the plain closure; where a clause leaves a choice, branch and bound tries them.
 * What is
 * least goes by weight: first how many things are disturbed, then how much is at risk.
 */
final readonly class LeastSet
{
    /** As many sets of the same weight are looked at, at most. */
    private const TIES = 24;

    /**
     * @param array<string, list<list<string>>> $clauses of every element that can be removed
     * @param array<string, array{int, int}>    $weights disturbed and risk of each, zero or more; one and none if not
     *     given
     */
    public function __construct(private array $clauses, private array $weights = []) {}

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
        return $this->all($goals, $done)[0];
    }

    /**
     * @param list<string> $goals
     * @param list<string> $done
     *
     * @return non-empty-list<list<string>> every set of the least weight, up to a few dozen
     *
     * @throws NoWayIn If no set can be put in an order.
     */
    public function all(array $goals, array $done = []): array
    {
        $best = [];
        $weight = null;
        $seen = [];
        $this->grow(
            array_fill_keys($goals, true),
            array_fill_keys($done, true),
            $best,
            $weight,
            $seen,
        );
        if ($best === []) {
            throw NoWayIn::to($goals);
        }

        return array_map(
            fn(array $set): array => array_values(
                array_filter(array_keys($this->clauses), static fn(string $id): bool => isset($set[$id])),
            ),
            array_values($best),
        );
    }

    /**
     * @param array<string, true>                  $set
     * @param array<string, true>                  $done
     * @param array<string, array<string, true>>   $best
     * @param array{int, int}|null                 $weight of the best
     * @param array<string, true>                  $seen
     */
    private function grow(
        array $set,
        array $done,
        array &$best,
        ?array &$weight,
        array &$seen,
    ): void {
        $own = $this->weigh($set);
        if ($weight !== null && ($own > $weight || ($own === $weight && \count($best) >= self::TIES))) {
            return;
        }
        ksort($set);
        $key = implode(' ', array_keys($set));
        if (isset($seen[$key])) {
            return;
        }
        $seen[$key] = true;
        $open = $this->openClause($set, $done);
        if ($open === null && $this->canBeOrdered($set, $done)) {
            $best = $weight === null || $own < $weight ? [$key => $set] : $best + [$key => $set];
            $weight = $own;

            return;
        }
        foreach ($open ?? $this->spares($set, $done) as $choice) {
            $this->grow(
                $set + [$choice => true],
                $done,
                $best,
                $weight,
                $seen,
            );
        }
    }

    /**
     * @param array<string, true> $set
     *
     * @return array{int, int}
     */
    private function weigh(array $set): array
    {
        $disturbed = $risk = 0;
        foreach (array_keys($set) as $id) {
            [$d, $r] = $this->weights[$id] ?? [1, 0];
            $disturbed += $d;
            $risk += $r;
        }

        return [$disturbed, $risk];
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
                $blocked = array_filter(
                    $this->clauses[$id],
                    static fn(array $any): bool => array_intersect_key(array_fill_keys($any, true), $off) === [],
                );
                if ($blocked === []) {
                    $off[$id] = true;
                }
            }
        } while (\count($off) > $before);

        return array_diff_key($set, $off) === [];
    }
}
