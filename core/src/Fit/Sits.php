<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** Where a screen ends up against its frame. */
enum Sits: string
{
    case Flush = 'flush';
    /** Can be felt at the edge, and lifts within the month. */
    case Proud = 'proud';
    /** So high that it cannot be held down. */
    case NotHeld = 'not-held';
    /** So low that dirt gathers at the edge. */
    case Sunk = 'sunk';

    /** True if it will not last. */
    public function lifts(): bool
    {
        return $this === self::Proud || $this === self::NotHeld;
    }
}
