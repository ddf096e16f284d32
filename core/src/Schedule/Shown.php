<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** How a shop wants figures shown. */
final readonly class Shown
{
    /** @param string $dates language of dates, as en-GB */
    public function __construct(
        public string $dates,
        public TemperatureUnit $temperature,
        public LengthUnit $length,
    ) {}
}
