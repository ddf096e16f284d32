<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** The parts of a job at the bench, in order. */
enum Phase: string
{
    case Prepare = 'prepare';
    case Open = 'open';
    case Unplug = 'unplug';
    case Trial = 'trial';
    case Strip = 'strip';
    case MoveOver = 'move-over';
    case Seal = 'seal';
    case Close = 'close';
    case Finish = 'finish';
}
