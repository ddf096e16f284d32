<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Shape of the charge port seen from below: the quickest way to tell one generation from the next. */
enum Port: string
{
    case Oval = 'oval';
    case Trapezoid = 'trapezoid';
    case Flat = 'flat';
    case None = 'none';
}
