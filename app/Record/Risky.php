<?php

declare(strict_types=1);

namespace App\Record;

/** What may go well or wrong, and is counted. */
enum Risky: string
{
    case GlassOnly = 'glass-only';
    case Chip = 'chip';
    case TornFlex = 'torn-flex';
    case RuinedPanel = 'ruined-panel';
}
