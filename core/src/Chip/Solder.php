<?php

declare(strict_types=1);

namespace Facelift\Chip;

/** What a chip sits in. */
enum Solder: string
{
    /** As it comes from the factory: tin, silver, copper. */
    case LeadFree = 'lead-free';
    /** Tin and bismuth at their eutectic: what is set by hand. */
    case LowTemperature = 'low-temperature';

    /** °C where it is all liquid: SAC305 217–220, Sn42Bi58 138 (both from memory). */
    public function melts(): float
    {
        return match ($this) {
            self::LeadFree => 217.0,
            self::LowTemperature => 138.0,
        };
    }

    /** °C that it is brought to, so that every ball has let go (common practice, no source: 10 to 20 K above). */
    public function worked(): float
    {
        return $this->melts() + 10.0;
    }
}
