<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** Which display is meant: the one that came with the phone, or the one that goes in. */
enum Socket: string
{
    case Old = 'old';
    case New = 'new';
}
