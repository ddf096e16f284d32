<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

/** Schedules a job shop: exactly if it is small, else well, and always with how near to the best it is. */
final readonly class Solver
{
    /** Operations up to which the best is looked for. */
    private const SMALL = 40;

    /** @param int $rounds of the search at most */
    public function __construct(private int $rounds = 20_000) {}

    public function solve(Shop $shop): Answer
    {
        $ops = new Operations($shop);
        [$heads, $tails] = $ops->headsAndTails();
        $rest = [];
        foreach ($tails as $op => $tail) {
            $rest[$op] = $tail - $ops->time[$op];
        }
        $bound = $tails === [] ? 0 : max($tails);
        foreach ($ops->on as $machine) {
            $bound = max($bound, OneMachine::bound($machine, $heads, $ops->time, $rest));
        }
        [$length, $starts] = (new Tabu($shop))->search($this->rounds, $bound);
        $small = \count($ops->time) <= self::SMALL;

        return (new Exact($shop, $small ? 400_000 : 1))->from($length, $starts, $bound);
    }
}
