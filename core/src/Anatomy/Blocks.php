<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/**
 * What has to be off before what, read from a phone file: the blocking graph of everything that can be removed.
 *
 * Every element (part, screw group, connector, bond) has clauses; all clauses must be met, and of each clause one
 * member is enough. A part waits for the screws that hold it, for the bonds and connectors between it and whatever
 * does not move with it, and for what lies over it. Every connector waits for the battery's, but for an antenna lead
 * that lies over the way to it.
 */
final readonly class Blocks
{
    /** @param array<string, list<list<string>>> $clauses */
    private function __construct(public array $clauses) {}

    public static function of(Phone $phone): self
    {
        $clauses = [];
        foreach ($phone->fasteners as $id => $fastener) {
            $clauses[$id] = $fastener->after;
        }
        foreach ($phone->bonds as $id => $bond) {
            $clauses[$id] = $bond->after;
        }
        $power = $phone->powerConnector()->id;
        foreach ($phone->connectors as $id => $connector) {
            $clauses[$id]
                = $connector->power || $connector->passive ? $connector->after : [[$power], ...$connector->after];
        }
        foreach ($phone->parts as $id => $part) {
            $clauses[$id] = [...self::holding($phone, $id), ...$part->after];
        }

        return new self($clauses);
    }

    /**
     * Elements that can never come off, since each waits for another of them.
     *
     * @return list<string> one cycle in order, the first id repeated at the end; empty if there is none
     */
    public function cycle(): array
    {
        $stuck = $this->stuck();
        if ($stuck === []) {
            return [];
        }
        $trail = [];
        $at = $stuck[0];
        while (!\in_array($at, $trail, true)) {
            $trail[] = $at;
            $at = $this->firstStuckIn($at, $stuck);
        }
        $start = (int) array_search($at, $trail, true);

        return [...\array_slice($trail, $start), $at];
    }

    /** @return list<string> */
    private function stuck(): array
    {
        $left = $this->clauses;
        do {
            $before = \count($left);
            foreach ($left as $id => $clauses) {
                $open = array_filter(
                    $clauses,
                    static fn(array $any): bool => array_diff($any, array_keys($left)) === [],
                );
                if ($open === []) {
                    unset($left[$id]);
                }
            }
        } while (\count($left) < $before);

        return array_keys($left);
    }

    /** @param list<string> $stuck */
    private function firstStuckIn(string $id, array $stuck): string
    {
        foreach ($this->clauses[$id] as $any) {
            if (array_diff($any, $stuck) === []) {
                return $any[0];
            }
        }

        return $id;
    }

    /** @return list<list<string>> */
    private static function holding(Phone $phone, string $part): array
    {
        $held = [];
        foreach ($phone->fasteners as $id => $fastener) {
            if (\in_array($part, $fastener->holds, true)) {
                $held[] = [$id];
            }
        }
        foreach ([...$phone->bonds, ...$phone->connectors] as $id => $link) {
            if ($phone->movesWith($link->joins[0], $part) !== $phone->movesWith($link->joins[1], $part)) {
                $held[] = [$id];
            }
        }

        return $held;
    }
}
