<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Seal\Piece;

/**
 * Which lanes hold in which cells of a band: held length where screens lift first, then held area, then wide stock in
 * few pieces. Dynamic programming along the wall over the sets that are looked at; a piece that comes out too short to
 * hold is forbidden and the search goes again. Near the best that can be held (docs/sealing.md), not proven to be it.
 *
 * @internal
 */
final class LaneSearch
{
    /** mm² that a mm of wall held where screens lift first outweighs. */
    private const LIFTS = 50.0;
    /** mm² that a further piece has to hold more (common practice, no source). */
    private const PIECE = 4.0;
    /** Breaks a tie for wide stock. */
    private const WIDE = 1e-3;

    /** @var array<int, array<int, Lane>> lanes that came out too short, by cell and track */
    private array $short = [];
    /** @var array<int, non-empty-list<array<int, Lane>>> sets by cell, each by track */
    private array $choices = [];
    /** @var array<int, non-empty-list<float>> by cell, of the same sets */
    private array $worths = [];

    public function __construct(private readonly Band $band)
    {
        foreach ($band->cells() as $i => $cell) {
            $this->offer($i, array_map(self::byTrack(...), $band->choices($cell)));
        }
    }

    /** @return list<Piece> */
    public function pieces(): array
    {
        do {
            [$pieces, $short] = $this->cutTogether($this->best());
            $this->forbid(self::deepest($short));
        } while ($short !== []);

        return $pieces;
    }

    /**
     * The lanes that reach deepest go first: what is narrower may go on beside them and hold.
     *
     * @param array<int, array<int, Lane>> $short
     *
     * @return array<int, array<int, Lane>>
     */
    private static function deepest(array $short): array
    {
        $inner = static fn(Lane $l): int => $l->start + $l->width;
        $most = max([0, ...array_map($inner, array_merge(...array_map(array_values(...), array_values($short))))]);
        $deep = array_map(
            static fn(array $lanes): array => array_filter($lanes, static fn(Lane $l): bool => $inner($l) === $most),
            $short,
        );

        return array_filter($deep, static fn(array $lanes): bool => $lanes !== []);
    }

    /** @param list<array<int, Lane>> $sets */
    private function offer(int $i, array $sets): void
    {
        $short = $this->short[$i] ?? [];
        $left = $short === []
            ? $sets
            : array_filter($sets, static fn(array $set): bool => array_intersect_key($set, $short) === []);
        $this->choices[$i] = $left === [] ? [[]] : array_values($left);
        $cell = $this->band->cells()[$i];
        $this->worths[$i] = array_map(fn(array $set): float => $this->worth($set, $cell), $this->choices[$i]);
    }

    /** @param array<int, array<int, Lane>> $short */
    private function forbid(array $short): void
    {
        foreach ($short as $i => $lanes) {
            $this->short[$i] = ($this->short[$i] ?? []) + $lanes;
            $this->offer($i, $this->choices[$i]);
        }
    }

    /**
     * @param list<Lane> $set
     *
     * @return array<int, Lane>
     */
    private static function byTrack(array $set): array
    {
        $by = [];
        foreach ($set as $lane) {
            $by[$lane->track()] = $lane;
        }

        return $by;
    }

    /** @return list<array<int, Lane>> by cell */
    private function best(): array
    {
        $worth = [];
        $from = [];
        foreach ($this->choices as $i => $sets) {
            foreach ($sets as $k => $set) {
                $worth[$i][$k] = $i === 0 ? $this->worths[$i][$k] - self::PIECE * \count($set) : -\INF;
                $from[$i][$k] = 0;
                foreach ($i === 0 ? [] : $this->choices[$i - 1] as $j => $before) {
                    $new = $this->band->goesOn($i - 1) ? \count(array_diff_key($set, $before)) : \count($set);
                    $all = $worth[$i - 1][$j] + $this->worths[$i][$k] - self::PIECE * $new;
                    if ($all > $worth[$i][$k]) {
                        [$worth[$i][$k], $from[$i][$k]] = [$all, $j];
                    }
                }
            }
        }

        return self::back($this->choices, $worth, $from);
    }

    /**
     * @param array<int, non-empty-list<array<int, Lane>>> $choices
     * @param array<int, array<int, float>>                $worth
     * @param array<int, array<int, int>>                  $from
     *
     * @return list<array<int, Lane>>
     */
    private static function back(array $choices, array $worth, array $from): array
    {
        $sets = [];
        $last = \count($choices) - 1;
        if ($last < 0) {
            return [];
        }
        $at = (int) array_search(max([-\INF, ...$worth[$last]]), $worth[$last], true);
        for ($i = $last; $i >= 0; --$i) {
            array_unshift($sets, $choices[$i][$at]);
            $at = $from[$i][$at];
        }

        return $sets;
    }

    /** @param array<int, Lane> $set */
    private function worth(array $set, Cell $cell): float
    {
        $worth = $set === [] ? 0.0 : self::LIFTS * $this->band->lifts($cell);
        foreach ($set as $lane) {
            $worth += $this->band->area($lane, $cell) * (1 + self::WIDE * $lane->wide());
        }

        return $worth;
    }

    /**
     * @param list<array<int, Lane>> $sets
     *
     * @return array{list<Piece>, array<int, array<int, Lane>>} what holds, and the lanes that came out too short
     */
    private function cutTogether(array $sets): array
    {
        $pieces = [];
        $short = [];
        foreach ($sets as $first => $set) {
            $before = $first > 0 && $this->band->goesOn($first - 1) ? $sets[$first - 1] : [];
            foreach ($set as $lane) {
                if (isset($before[$lane->track()])) {
                    continue;
                }
                $last = $this->end($sets, $lane, $first);
                $piece = $this->band->piece($lane, $first, $last);
                if ($piece->length >= Piece::SHORTEST - 1e-9) {
                    $pieces[] = $piece;
                    continue;
                }
                for ($i = $first; $i <= $last; ++$i) {
                    $short[$i][$lane->track()] = $lane;
                }
            }
        }

        return [$pieces, $short];
    }

    /**
     * The last cell of a lane that begins in this one.
     *
     * @param list<array<int, Lane>> $sets
     */
    private function end(array $sets, Lane $lane, int $first): int
    {
        $last = $first;
        while ($this->band->goesOn($last) && isset($sets[$last + 1][$lane->track()])) {
            ++$last;
        }

        return $last;
    }
}
