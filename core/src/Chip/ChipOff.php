<?php

declare(strict_types=1);

namespace Facelift\Chip;

/** How the new panel's own chip comes off. */
enum ChipOff: string
{
    /** Milled away layer by layer: no heat, but dust, and a hand that does not slip. */
    case Milled = 'milled';
    case HotAir = 'hot-air';
}
