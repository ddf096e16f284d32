<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What a display's memory holds. */
enum FieldKind: string
{
    /** Chromaticity x, y of its white, CIE 1931. */
    case WhitePoint = 'white-point';
    /** Nine factors, row by row, from wanted to driven red, green and blue. */
    case ColourMatrix = 'colour-matrix';
    /** How much of the light passes to the ambient light sensor behind the panel. */
    case AmbientGain = 'ambient-gain';
    case PartNumber = 'part-number';
    /** Hours lit, or times switched on: of this panel's own life, never to be copied to another. */
    case Counter = 'counter';

    /** How many numbers it has; null for a text. */
    public function numbers(): ?int
    {
        return match ($this) {
            self::WhitePoint => 2,
            self::ColourMatrix => 9,
            self::AmbientGain, self::Counter => 1,
            self::PartNumber => null,
        };
    }

    /** True if it belongs to the panel that is in hand, so that the old one's must not replace it. */
    public function ofThePanel(): bool
    {
        return $this === self::Counter || $this === self::PartNumber;
    }
}
