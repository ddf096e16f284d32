<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What ends a heating. */
enum Binding: string
{
    case Target = 'target';
    case Battery = 'battery';
    case Panel = 'panel';
    case Frame = 'frame';
    case Time = 'time';
    /** It would part, but no pass is likely enough to be through before it grips. */
    case Chance = 'chance';
}
