<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** How the battery's plug has to be for a step. */
enum BatteryRule: string
{
    case Any = 'any';
    /** Off: another connector is touched. */
    case Off = 'off';
}
