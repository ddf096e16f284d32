<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Kinds of replacement part, cheapest first. */
enum ReplacementKind: string
{
    case GlassOnly = 'glass-only';
    case DigitizerOnly = 'digitizer-only';
    case DisplayAssembly = 'display-assembly';
    case DisplayWithSmallParts = 'display-with-small-parts';
    case DisplayWithFrame = 'display-with-frame';
}
