<?php

declare(strict_types=1);

namespace Facelift\Route;

/** What is taken apart for one replacement part, in which order, and what moves over. */
final readonly class Route
{
    /**
     * @param list<string> $moved     parts of the phone that go on to the new part
     * @param list<string> $discarded parts that stay with the old part
     * @param Trial|null   $trial     null if the new part's flex does not reach before the old is off
     */
    public function __construct(
        public OrderedRemovals $removals,
        public array $moved,
        public array $discarded,
        public ?Trial $trial,
    ) {}

    /** @return list<string> ids of removals in order, the trial left out */
    public function ids(): array
    {
        $ids = array_map(static fn(RemovalNode $n): string => $n->id, $this->removals->nodes);

        return array_values(array_filter($ids, static fn(string $id): bool => $id !== Trial::ID));
    }

    /** @return array<string, list<string>> for every removal the removals that wait for it */
    public function frees(): array
    {
        $frees = [];
        foreach ($this->removals->nodes as $node) {
            foreach ($node->clauses as $any) {
                foreach ($any as $id) {
                    $frees[$id][] = $node->id;
                }
            }
        }

        return $frees;
    }
}
