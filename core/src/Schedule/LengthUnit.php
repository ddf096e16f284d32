<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** In which lengths are shown; files and plans keep mm. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'inch';
}
