<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

enum PanelTechnology: string
{
    case Oled = 'oled';
    case SoftOled = 'soft-oled';
    case HardOled = 'hard-oled';
    case Lcd = 'lcd';

    /** A panel that makes its own light has no backlight circuit to blow and no well to press on. */
    public function isSelfLit(): bool
    {
        return $this !== self::Lcd;
    }
}
