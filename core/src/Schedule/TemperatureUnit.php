<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** In which temperatures are shown; files and plans keep °C. */
enum TemperatureUnit: string
{
    case Celsius = 'celsius';
    case Fahrenheit = 'fahrenheit';
}
