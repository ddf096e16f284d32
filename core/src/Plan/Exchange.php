<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What comes off or out at a step, and what goes back on or in. */
final readonly class Exchange
{
    /**
     * @param list<string> $out ids
     * @param list<string> $in
     */
    public function __construct(public array $out = [], public array $in = []) {}

    public function out(string ...$ids): self
    {
        return new self([...$this->out, ...array_values($ids)], $this->in);
    }

    public function in(string ...$ids): self
    {
        return new self($this->out, [...$this->in, ...array_values($ids)]);
    }

    /** @return list<string> everything that is touched */
    public function all(): array
    {
        return [...$this->out, ...$this->in];
    }
}
