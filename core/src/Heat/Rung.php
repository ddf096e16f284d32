<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What is tried, in this order, when a bond does not let go. */
enum Rung: string
{
    case Heat = 'heat';
    case Longer = 'longer';
    case Alcohol = 'alcohol';
    case ThinMetal = 'thin-metal';
    case Remover = 'remover';
    case GiveUpPanel = 'give-up-panel';

    /** True if it leaves something wet that must dry before any heat. */
    public function wets(): bool
    {
        return $this === self::Alcohol || $this === self::Remover;
    }

    /** True if it puts the phone on a source again. */
    public function heats(): bool
    {
        return $this === self::Heat || $this === self::Longer;
    }
}
