<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** Why fewer screws went in or came out than the phone file has. */
enum CountReason: string
{
    case MissingAtCheckIn = 'missing-at-check-in';
    case NoHole = 'no-hole';
    case LostAndReplaced = 'lost-and-replaced';

    /** True if the rest is accounted for: nothing of it lies on the mat any more. */
    public function accountsForTheRest(): bool
    {
        return $this !== self::MissingAtCheckIn;
    }
}
