<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** Where a thickness comes from. */
enum FigureFrom: string
{
    case PhoneFile = 'phone-file';
    case PartSheet = 'part-sheet';
    case Roll = 'roll';
    case Reading = 'reading';
    /** Common practice, no source. */
    case Practice = 'practice';
}
