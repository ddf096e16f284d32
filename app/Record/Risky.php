<?php

declare(strict_types=1);

namespace App\Record;

/** Work that does not always go well, and whose tries are counted. */
enum Risky: string
{
    case GlassOnly = 'glass-only';
    case Chip = 'chip';
}
