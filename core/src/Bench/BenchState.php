<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** Where a run stands: a pure function of its plan and its events. */
final readonly class BenchState
{
    /**
     * @param array<string, Event> $done   the confirming event by step
     * @param array<string, Event> $timers the starting event by step
     */
    public function __construct(
        public array $done,
        public array $timers,
        public Ledger $ledger,
        public Moisture $moisture,
        public bool $batteryIn,
        public Proofs $proofs,
        public Happened $happened,
    ) {}
}
