<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Whether a part must be the phone's own. */
enum Pairing: string
{
    case None = 'none';
    case Biometric = 'biometric';
    case Calibrated = 'calibrated';
}
