<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** What becomes of something that the customer sees. */
enum Fate: string
{
    case Kept = 'kept';
    case Lost = 'lost';
    /** Nobody can tell before it was tried. */
    case Unknown = 'unknown';
    /** A notice that stands in front for some days, then in the settings. */
    case Shown = 'shown';
    case NotShown = 'not-shown';
}
