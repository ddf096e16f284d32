<?php

declare(strict_types=1);

namespace Facelift\Tests;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Random choices that a seed repeats. */
final readonly class Dice
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function int(int $min, int $max): int
    {
        return $this->random->getInt($min, $max);
    }

    public function float(float $min, float $max): float
    {
        return $min + ($max - $min) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    public function chance(int $percent): bool
    {
        return $this->int(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->int(0, \count($from) - 1)];
    }

    /**
     * @template T
     *
     * @param list<T> $from
     *
     * @return list<T>
     */
    public function shuffled(array $from): array
    {
        return array_values($this->random->shuffleArray($from));
    }

    /** One throw of a normal distribution (Box and Muller). */
    public function normal(): float
    {
        return sqrt(-2 * log($this->float(1e-9, 1))) * cos(2 * \M_PI * $this->float(0, 1));
    }
}
