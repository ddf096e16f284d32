<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What a transfer wants done next. */
enum AskKind: string
{
    case Identify = 'identify';
    case Read = 'read';
    /** Put the reading by for good. */
    case Keep = 'keep';
    case Write = 'write';
    /** Nothing more. */
    case Nothing = 'nothing';
}
