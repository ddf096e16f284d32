<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** How a cut bond is made again. */
enum Renewal: string
{
    case Precut = 'precut';
    case Tape = 'tape';
    case Liquid = 'liquid';
    case Reuse = 'reuse';
}
