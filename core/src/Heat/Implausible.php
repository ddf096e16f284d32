<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** How a reading lies beside everything that any contact explains. */
enum Implausible: string
{
    case TooCold = 'too-cold';
    case TooHot = 'too-hot';
}
