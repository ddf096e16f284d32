<?php

declare(strict_types=1);

namespace Facelift\Seal\Internal;

use Facelift\Seal\CutList;
use Facelift\Seal\Roll;
use Facelift\Seal\RollCut;

/**
 * Pieces of one width on the rolls of that width, by branch and bound: long pieces first; equal rolls and equal pieces
 * are tried once.
 *
 * @internal
 */
final class Packing
{
    /** @var list<Roll> shortest rest first */
    private readonly array $rolls;
    /** @var list<float> mm, long first */
    private readonly array $lengths;
    /** @var list<int|null> roll of each piece; null if none has enough left */
    private array $best = [];
    /** @var list<float>|null what the best costs, in the order of what counts */
    private ?array $cost = null;

    /**
     * @param list<Roll>  $rolls
     * @param list<float> $lengths mm
     */
    public function __construct(array $rolls, array $lengths)
    {
        usort($rolls, static fn(Roll $a, Roll $b): int => $a->left <=> $b->left);
        rsort($lengths);
        $this->rolls = $rolls;
        $this->lengths = $lengths;
        $this->place([], array_map(static fn(Roll $r): float => $r->left, $rolls), 0.0);
    }

    /** @return list<RollCut> */
    public function cuts(): array
    {
        $cuts = [];
        foreach ($this->rolls as $i => $roll) {
            $mine = $this->on($i);
            if ($mine !== []) {
                $cuts[] = new RollCut($roll, $mine, round($roll->left - array_sum($mine), 6));
            }
        }

        return $cuts;
    }

    /** @return list<float> mm */
    public function missing(): array
    {
        return $this->on(null);
    }

    /** @return list<float> mm of the pieces that are cut from a roll, or from none */
    private function on(?int $roll): array
    {
        $mine = [];
        foreach ($this->best as $k => $on) {
            if ($on === $roll) {
                $mine[] = $this->lengths[$k];
            }
        }

        return $mine;
    }

    /**
     * @param list<int|null> $placed  roll of each piece so far
     * @param list<float>    $left    mm on each roll
     * @param float          $missing mm that no roll has
     */
    private function place(array $placed, array $left, float $missing): void
    {
        $at = \count($placed);
        if ($this->cost !== null && $missing > $this->cost[0] + 1e-9) {
            return;
        }
        if ($at === \count($this->lengths)) {
            $this->keep($placed, $left, $missing);

            return;
        }
        $length = $this->lengths[$at];
        // Of equal pieces the later one never goes on an earlier roll: the same cuts in another order.
        $from = $at > 0 && $this->lengths[$at - 1] === $length ? $placed[$at - 1] ?? \count($left) : 0;
        $tried = [];
        foreach ($left as $i => $rest) {
            $same = [$rest, \in_array($i, $placed, true)];
            if ($i < $from || $rest < $length - 1e-9 || \in_array($same, $tried, true)) {
                continue;
            }
            $tried[] = $same;
            $after = [...\array_slice($left, 0, $i), $rest - $length, ...\array_slice($left, $i + 1)];
            $this->place([...$placed, $i], $after, $missing);
            // One roll for everything, nothing thrown away: no other can be better.
            if ($this->cost === [0.0, 0.0, 1.0, 0.0]) {
                return;
            }
        }
        $this->place([...$placed, null], $left, $missing + $length);
    }

    /**
     * @param list<int|null> $placed
     * @param list<float>    $left
     */
    private function keep(array $placed, array $left, float $missing): void
    {
        $waste = 0.0;
        $used = array_unique(array_filter($placed, static fn(?int $i): bool => $i !== null));
        foreach ($used as $i) {
            $waste += $left[$i] < CutList::USEFUL ? $left[$i] : 0.0;
        }
        $cost = [round($missing, 6), round($waste, 6), (float) \count($used), (float) array_sum($used)];
        if ($this->cost === null || $cost < $this->cost) {
            [$this->best, $this->cost] = [$placed, $cost];
        }
    }
}
