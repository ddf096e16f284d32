<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What heats a phone. */
enum SourceKind: string
{
    case Plate = 'plate';
    case HotAir = 'hot-air';
    case GrainBag = 'grain-bag';
    case LocalAir = 'local-air';

    /** @return array{float, float} °C that can be set */
    public function range(): array
    {
        return match ($this) {
            self::Plate => [30.0, 120.0],
            self::HotAir => [40.0, 180.0],
            self::GrainBag => [40.0, 100.0],
            self::LocalAir => [100.0, 350.0],
        };
    }

    /** @return array{float, float} W/(m²·K) that its contact or film can have */
    public function coefficients(): array
    {
        return match ($this) {
            self::Plate => [20.0, 1000.0],
            self::GrainBag => [10.0, 200.0],
            self::HotAir, self::LocalAir => [5.0, 250.0],
        };
    }
}
