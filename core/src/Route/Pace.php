<?php

declare(strict_types=1);

namespace Facelift\Route;

/** Hands-on seconds per act. Common practice, no source; the shop's own record is to replace them. */
final readonly class Pace
{
    public const SCREW_OUT = 8.0;
    public const SCREW_IN = 10.0;
    public const UNPLUG = 8.0;
    /** To put a part down in its place on the dish and to find it again. */
    public const LAY_ASIDE = 6.0;
    /** To take up another tool, or to turn to the other frame. */
    public const CHANGE = 4.0;
    public const PRY = 8.0;
    /** To lift what a bond held, and to prop or lay it. */
    public const LIFT = 20.0;
    public const PLUG_IN = 12.0;
    public const CLEAN_PER_MM = 0.6;
    public const TAPE_STRIP = 25.0;
    public const PRECUT_SEAL = 90.0;
}
