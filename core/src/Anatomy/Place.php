<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Where alcohol or remover can be wet. */
enum Place: string
{
    case Edge = 'edge';
    case Back = 'back';
    case BatteryWell = 'battery-well';

    /** The edge of the face that a bond lies under. */
    public static function ofFace(Face $face): self
    {
        return $face === Face::Front ? self::Edge : self::Back;
    }
}
