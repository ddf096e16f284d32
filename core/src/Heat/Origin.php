<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Where a figure comes from. */
enum Origin: string
{
    case CommonPractice = 'common-practice';
    case FromMemory = 'from-memory';
    case ShopsOwn = 'shops-own';
}
