<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** Screws that come out and go in at a step, by their group. */
final readonly class ScrewCount
{
    /**
     * @param array<string, int> $out
     * @param array<string, int> $in
     */
    public function __construct(public array $out = [], public array $in = []) {}

    /** @return list<string> */
    public function groups(): array
    {
        return [...array_keys($this->out), ...array_keys($this->in)];
    }

    public function sum(): int
    {
        return array_sum($this->out) + array_sum($this->in);
    }
}
