<?php

declare(strict_types=1);

namespace App\Models;

/** How far a part is on its way back to the supplier. */
enum ReturnState: string
{
    case Open = 'open';
    case Sent = 'sent';
    case Credited = 'credited';
    case Refused = 'refused';

    /** True once the part has left the shop. */
    public function hasLeft(): bool
    {
        return $this === self::Sent || $this === self::Credited;
    }
}
