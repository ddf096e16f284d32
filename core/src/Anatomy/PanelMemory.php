<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Calibration\MemoryLayout;

/** What a display's memory holds, what it serves, and how it can be reached. */
final readonly class PanelMemory
{
    /**
     * @param bool                          $ownSupply true if the programmer feeds it, so that it can be read from a
     *     display that shows nothing
     * @param non-empty-list<PhoneFunction> $serves    functions that suffer without its data
     * @param MemoryChip|null               $chip      null if nothing is known of it: then it cannot be moved
     */
    public function __construct(
        public MemoryLayout $layout,
        public bool $ownSupply,
        public array $serves,
        public ?MemoryChip $chip,
    ) {}
}
