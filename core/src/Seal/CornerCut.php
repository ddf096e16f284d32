<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** How a shop takes tape round a rounded corner (common practice, no source). */
enum CornerCut: string
{
    /** One piece, notched along its inner edge so that it bends round. */
    case Notched = 'notched';
    /** Short mitred pieces, butted one to the next. */
    case Butted = 'butted';
    /** A wide strip laid long from either side and trimmed in place along the arc. */
    case Trimmed = 'trimmed';
}
