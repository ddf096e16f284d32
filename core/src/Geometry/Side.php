<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** The four sides of the phone seen from the front. */
enum Side: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    public function opposite(): self
    {
        return match ($this) {
            self::Top => self::Bottom,
            self::Right => self::Left,
            self::Bottom => self::Top,
            self::Left => self::Right,
        };
    }

    public function isHorizontal(): bool
    {
        return $this === self::Top || $this === self::Bottom;
    }
}
