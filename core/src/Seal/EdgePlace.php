<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Side;

/** Where on a bond a piece of adhesive lies: clockwise seen from the front, and the middle of the panel. */
enum EdgePlace: string
{
    case Top = 'top';
    case TopRight = 'top-right';
    case Right = 'right';
    case BottomRight = 'bottom-right';
    case Bottom = 'bottom';
    case BottomLeft = 'bottom-left';
    case Left = 'left';
    case TopLeft = 'top-left';
    /** A zone inside, by which some panels are held too. */
    case Middle = 'middle';

    public static function ofSide(Side $side): self
    {
        return self::from($side->value);
    }

    /** Null for a corner and for the middle. */
    public function side(): ?Side
    {
        return Side::tryFrom($this->value);
    }

    public function isCorner(): bool
    {
        return $this !== self::Middle && $this->side() === null;
    }

    /** @return list<self> round the edge, beginning at a side */
    public static function roundFrom(Side $side): array
    {
        $ring = array_values(array_filter(self::cases(), static fn(self $p): bool => $p !== self::Middle));
        $at = (int) array_search(self::ofSide($side), $ring, true);

        return [...\array_slice($ring, $at), ...\array_slice($ring, 0, $at)];
    }
}
