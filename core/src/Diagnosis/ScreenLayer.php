<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/** What can be broken, from the front inwards. */
enum ScreenLayer: string
{
    case CoverGlass = 'cover-glass';
    case Digitizer = 'digitizer';
    case DisplayPanel = 'display-panel';
    case Connector = 'connector';
    case Board = 'board';
    case Backlight = 'backlight';
    case Frame = 'frame';
}
