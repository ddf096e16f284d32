<?php

declare(strict_types=1);

namespace Facelift\Route;

/** An order of removals with its price in setups. */
final readonly class OrderedRemovals
{
    /**
     * @param list<RemovalNode> $nodes
     * @param int               $changes  tool changes and turns of the phone, together
     * @param bool              $optimal  true if no valid order needs fewer
     * @param int               $explored states looked at
     * @param int               $bound    changes that no valid order can do without; equal to `$changes` if it is
     *     optimal
     */
    public function __construct(
        public array $nodes,
        public int $changes,
        public bool $optimal,
        public int $explored,
        public int $bound,
    ) {}

    /** What a given order costs: one for every tool picked up and one for every turn, bare hands free. */
    public static function changesOf(RemovalNode ...$nodes): int
    {
        $setup = Setup::start();
        $changes = 0;
        foreach ($nodes as $node) {
            $changes += $setup->changesTo($node);
            $setup = $setup->after($node);
        }

        return $changes;
    }
}
