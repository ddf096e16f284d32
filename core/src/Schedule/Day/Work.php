<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Facelift\Schedule\Block;
use Facelift\Schedule\Shape;

/** A block of work as it lies in time for each person who may do it. */
final readonly class Work
{
    /** s within which the next block has to begin; null if it may wait */
    public ?int $within;

    /** @param non-empty-array<int, Shape> $shapes by number of the person */
    public function __construct(public Block $block, public array $shapes)
    {
        $this->within = $block->within();
    }
}
