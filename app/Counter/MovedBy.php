<?php

declare(strict_types=1);

namespace App\Counter;

use Facelift\Schedule\Equipment;

/** What a promise hangs on. */
enum MovedBy: string
{
    case Part = 'part';
    case Phone = 'phone';
    case Hands = 'hands';
    case Plate = 'plate';
    case HotAir = 'hot-air';
    case GrainBag = 'grain-bag';
    case ClampSet = 'clamp-set';
    case Charger = 'charger';
    case UvLamp = 'uv-lamp';
    /** The shop is shut meanwhile. */
    case Shut = 'shut';

    /** @param Equipment|null $equipment null for hands */
    public static function waitingFor(?Equipment $equipment): self
    {
        return match ($equipment) {
            null => self::Hands,
            Equipment::Plate => self::Plate,
            Equipment::HotAir => self::HotAir,
            Equipment::GrainBag => self::GrainBag,
            Equipment::ClampSet => self::ClampSet,
            Equipment::Charger => self::Charger,
            Equipment::UvLamp => self::UvLamp,
        };
    }
}
