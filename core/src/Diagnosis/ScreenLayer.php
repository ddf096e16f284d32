<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

/** What can be broken, from the front inwards. */
enum ScreenLayer: string
{
    case Surface = 'surface';
    case CoverGlass = 'cover-glass';
    case Digitizer = 'digitizer';
    case DisplayPanel = 'display-panel';
    case Connector = 'connector';
    case Backlight = 'backlight';
    case Board = 'board';
    case Battery = 'battery';
    case PowerKey = 'power-key';
    case Frame = 'frame';
}
