<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** What was seen of the fault at check-in. */
enum Observation: string
{
    case CrackedGlass = 'cracked-glass';
    case Lines = 'lines';
    case Spots = 'spots';
    case Flicker = 'flicker';
    case NoImage = 'no-image';
    case Blotches = 'blotches';
    case NoTouch = 'no-touch';
    case DeadZones = 'dead-zones';
    case DimImage = 'dim-image';
    case StillRings = 'still-rings';
    case ScreenLifted = 'screen-lifted';
    case FrameBent = 'frame-bent';
    case BackCracked = 'back-cracked';
    case CellSwollen = 'cell-swollen';
}
