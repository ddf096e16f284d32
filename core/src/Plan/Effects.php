<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What a step does to the ledger. */
final readonly class Effects
{
    /**
     * @param array<string, int> $screwsOut screws by group
     * @param array<string, int> $screwsIn
     * @param list<string>       $off       connectors
     * @param list<string>       $on
     * @param list<string>       $out       parts
     * @param list<string>       $in
     * @param list<string>       $puts      things put on for the work
     * @param list<string>       $takes
     * @param string|null        $wets      place made wet with alcohol: `edge`, `back` or `battery-well`
     * @param string|null        $dries
     */
    public function __construct(
        public array $screwsOut = [],
        public array $screwsIn = [],
        public array $off = [],
        public array $on = [],
        public array $out = [],
        public array $in = [],
        public array $puts = [],
        public array $takes = [],
        public ?string $wets = null,
        public ?string $dries = null,
    ) {}

    /** @param list<string> $takes */
    public function taking(array $takes): self
    {
        return new self($this->screwsOut, $this->screwsIn, $this->off, $this->on, $this->out, $this->in, $this->puts, [...$this->takes, ...$takes], $this->wets, $this->dries);
    }
}
