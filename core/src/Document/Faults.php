<?php

declare(strict_types=1);

namespace Facelift\Document;

/** Collects the faults of one reading, so that a bad file is refused whole with everything that is wrong in it. */
final class Faults
{
    /** @var list<Fault> */
    private array $all = [];

    public function add(string $path, string $reason): void
    {
        $this->all[] = new Fault($path, $reason);
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->all;
    }

    public function any(): bool
    {
        return $this->all !== [];
    }
}
