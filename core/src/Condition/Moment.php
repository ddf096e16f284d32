<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** When a check can be made: at the counter, or only once the connectors can be reached. */
enum Moment: string
{
    case Counter = 'counter';
    case Opened = 'opened';
}
