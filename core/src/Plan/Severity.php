<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** How much a warning weighs. */
enum Severity: string
{
    /** The plan does not work with it. */
    case Stop = 'stop';
    /** Has to be known before starting. */
    case Care = 'care';
}
