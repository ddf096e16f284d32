<?php

declare(strict_types=1);

namespace App\Models;

/** What is wrong with a service outside. */
enum NoGood: string
{
    case NotSetUp = 'not-set-up';
    case Unreachable = 'unreachable';
    case Refused = 'refused';
    case Nonsense = 'nonsense';
}
