<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

/**
 * Which widths of tape lie side by side in a free depth, the widest against the wall.
 *
 * @internal
 */
final class Fillings
{
    /** More than the best few of each depth do not change a layout (measured over all shipped phones). */
    private const KEPT = 8;

    /** @var array<int, non-empty-list<list<int>>> by depth in tenths of a mm */
    private array $known = [];
    /** @var list<int> tenths of a mm, widest first */
    private readonly array $widths;

    /** @param list<float> $stock widths in mm */
    public function __construct(array $stock)
    {
        $tenths = array_map(static fn(float $w): int => (int) round(10 * $w), $stock);
        rsort($tenths);
        $this->widths = array_values(array_unique($tenths));
    }

    /**
     * @param list<array{int, int}> $free tenths of a mm
     *
     * @return list<list<Lane>> the empty set among them
     */
    public function of(array $free): array
    {
        $sets = [[]];
        foreach ($free as [$from, $to]) {
            $next = [];
            foreach ($this->fill($to - $from) as $widths) {
                foreach ($sets as $set) {
                    $next[] = [...$set, ...self::laid($from, $widths)];
                }
            }
            $sets = $next;
        }

        return $sets;
    }

    /** The most tenths of a mm of a depth that stock side by side can hold. */
    public function most(int $depth): int
    {
        return max(array_map(array_sum(...), $this->fill($depth)));
    }

    /** @return non-empty-list<list<int>> the empty set among them */
    private function fill(int $depth): array
    {
        if (isset($this->known[$depth])) {
            return $this->known[$depth];
        }
        $all = $this->partitions($depth, 0);
        usort($all, static fn(array $a, array $b): int => [array_sum($b), \count($a)] <=> [array_sum($a), \count($b)]);
        $kept = [[]];
        foreach (\array_slice($all, 0, self::KEPT) as $set) {
            if ($set !== []) {
                $kept[] = $set;
            }
        }
        // One width alone is the way out where a richer set would come out too short to hold.
        foreach ($all as $set) {
            if (\count($set) === 1 && !\in_array($set, $kept, true)) {
                $kept[] = $set;
            }
        }

        $this->known[$depth] = $kept;

        return $kept;
    }

    /** @return list<list<int>> */
    private function partitions(int $depth, int $from): array
    {
        $out = [[]];
        foreach (\array_slice($this->widths, $from, preserve_keys: true) as $i => $width) {
            if ($width <= $depth) {
                foreach ($this->partitions($depth - $width, $i) as $rest) {
                    $out[] = [$width, ...$rest];
                }
            }
        }

        return $out;
    }

    /**
     * @param list<int> $widths
     *
     * @return list<Lane>
     */
    private static function laid(int $at, array $widths): array
    {
        $lanes = [];
        foreach ($widths as $width) {
            $lanes[] = new Lane($at, $width);
            $at += $width;
        }

        return $lanes;
    }
}
