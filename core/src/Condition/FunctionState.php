<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** What a function did at check-in. */
enum FunctionState: string
{
    case Works = 'works';
    case Fails = 'fails';
    case CannotTest = 'cannot-test';
}
