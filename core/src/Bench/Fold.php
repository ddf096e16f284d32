<?php

declare(strict_types=1);

namespace Facelift\Bench;

/**
 * What events come to, kept so that they need not be folded again. It is bounded by the plan, not by the record:
 * readings and notes stay in the record.
 */
final readonly class Fold
{
    /** Goes up whenever a fold means something else than before: what was kept is folded again then. */
    public const VERSION = 4;

    /**
     * @param array<string, Event> $done    the confirming event by step
     * @param array<string, Event> $timers  the starting event by step
     * @param bool|null            $battery what was last said of it; null once its plug was touched
     * @param array<string, true>  $undone  ids of events that were taken back
     * @param Event|null           $last    the latest by its own time
     */
    public function __construct(
        public array $done,
        public array $timers,
        public Moisture $moisture,
        public ?bool $battery,
        public Proofs $proofs,
        public Happened $happened,
        public array $undone,
        public ?Event $last,
    ) {}
}
