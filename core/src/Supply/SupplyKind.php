<?php

declare(strict_types=1);

namespace Facelift\Supply;

/** What work uses up beside tape, which lies on rolls of its own. */
enum SupplyKind: string
{
    /** ml of contact adhesive or silicone */
    case Glue = 'glue';
    /** thin blades, pieces */
    case Blade = 'blade';
    /** opening picks, pieces */
    case Pick = 'pick';

    /** True if it comes in pieces, false if in ml. */
    public function isCounted(): bool
    {
        return $this !== self::Glue;
    }
}
