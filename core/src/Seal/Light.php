<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** What optical adhesive is cured with. */
enum Light: string
{
    case Lamp = 'lamp';
    case Sun = 'sun';
    case ThinCloud = 'thin-cloud';
    case Overcast = 'overcast';

    /**
     * mW/cm² of ultraviolet A that reaches the glass out of doors (engineering estimates, from memory; full sun cures
     * in under five minutes: common practice, no source).
     */
    public function irradiance(): float
    {
        return match ($this) {
            self::Lamp => 10.0,
            self::Sun => 5.0,
            self::ThinCloud => 3.0,
            self::Overcast => 1.0,
        };
    }
}
