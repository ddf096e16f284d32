<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Where a temperature was read. */
enum Probe: string
{
    case OuterFace = 'outer-face';
    case Edge = 'edge';
    case Panel = 'panel';
    case Battery = 'battery';

    public function of(Sample $sample): float
    {
        return match ($this) {
            self::OuterFace => $sample->outerFace,
            self::Edge => $sample->bond,
            self::Panel => $sample->panel,
            self::Battery => $sample->battery,
        };
    }
}
