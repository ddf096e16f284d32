<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** Pieces of one phone that follow each other at once, by the same hands. */
final readonly class Block
{
    /** @var list<Right> */
    public array $rights;

    /** @param non-empty-list<Piece> $pieces */
    public function __construct(public array $pieces)
    {
        $rights = [];
        foreach ($pieces as $piece) {
            foreach ($piece->rights as $right) {
                $rights[$right->value] = $right;
            }
        }
        $this->rights = array_values($rights);
    }

    public function last(): Piece
    {
        return $this->pieces[\count($this->pieces) - 1];
    }

    /** s within which the next block has to begin; null if it may wait. */
    public function within(): ?int
    {
        $within = $this->last()->within;

        return $within === null ? null : (int) round($within);
    }

    /** How it lies in time if everything takes so many times as long as planned. */
    public function shape(float $slower): Shape
    {
        $at = 0;
        $uses = [];
        $last = \count($this->pieces) - 1;
        foreach ($this->pieces as $i => $piece) {
            $from = $at;
            $at += max(0, (int) round($slower * $piece->hands));
            $off = (int) round($piece->off);
            $at += $i < $last ? $off : 0;
            if ($piece->equipment !== null) {
                $uses[] = new Held($piece->equipment->value, $from, $at, $i === $last);
            }
        }

        return new Shape($at, (int) round($this->last()->off), $uses);
    }
}
