<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What a layer is in a heat stack; probes are placed by it. */
enum LayerRole: string
{
    case Glass = 'glass';
    case Panel = 'panel';
    case Bond = 'bond';
    case Frame = 'frame';
    case Battery = 'battery';
    case Gap = 'gap';
    case Other = 'other';
}
