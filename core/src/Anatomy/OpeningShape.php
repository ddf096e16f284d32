<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

enum OpeningShape: string
{
    case Circle = 'circle';
    case Slot = 'slot';
    case Rectangle = 'rectangle';
}
