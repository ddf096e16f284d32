<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** What holds a screen down while its adhesive grips. */
enum HoldBy: string
{
    case Clamps = 'clamps';
    /** Rubber bands round the phone, where clamps do not fit. */
    case Bands = 'bands';
    /** A flat weight, or books. */
    case Weight = 'weight';
    case Hand = 'hand';
}
