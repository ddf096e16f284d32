<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Figures that stand wherever nothing else is said; °C where no other unit is named. */
final readonly class Usual
{
    /** A heated workshop (common practice, no source). */
    public const ROOM = 22.0;
    /** More than ten minutes on a source is not heating but waiting, s (common practice, no source). */
    public const LONGEST_HEATING = 600.0;
    /** Chance of every pass to be through in time that plans are made with (common practice, no source). */
    public const CHANCE = 0.8;
    /** Setting of a plate for a front-opening phone (common practice, no source). */
    public const PLATE = 85.0;
}
