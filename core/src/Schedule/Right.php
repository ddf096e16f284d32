<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** What not everybody at a bench may do. */
enum Right: string
{
    /** a display's chip, glass alone */
    case Expert = 'expert';
    case Uv = 'uv';
    case Solder = 'solder';
}
