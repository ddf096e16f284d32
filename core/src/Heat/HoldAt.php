<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Where a source is that keeps a stretch warm. */
enum HoldAt
{
    case Stretch;
    /** The one in hand is warm enough: it goes on to the next. */
    case Ahead;
    /** Both are. */
    case Away;
}
