<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** Why somebody goes on with this phone, and not with another one. */
enum Why: string
{
    case InHand = 'in-hand';
    /** It was asked to begin then. */
    case Pinned = 'pinned';
    /** Its clock has run, and it is warm. */
    case Warm = 'warm';
    /** It is due before all others that can be gone on with. */
    case DueFirst = 'due-first';
    /** What is due before lies under clamps, on the plate or at the charger, or waits for something. */
    case WhileOthersWait = 'while-others-wait';
    /** Another is due before; like this all together are ready earlier, or less late. */
    case BetterForAll = 'better-for-all';
}
