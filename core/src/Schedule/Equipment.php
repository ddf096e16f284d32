<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** What phones share at a bench. */
enum Equipment: string
{
    case Plate = 'plate';
    case HotAir = 'hot-air';
    case GrainBag = 'grain-bag';
    case ClampSet = 'clamp-set';
    case Charger = 'charger';
    case UvLamp = 'uv-lamp';
}
