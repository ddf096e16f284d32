<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** Where a figure comes from. */
enum Origin: string
{
    case CommonPractice = 'common-practice';
    case FromMemory = 'from-memory';
    /** measured by the shop at this source, or at this phone */
    case ShopsOwn = 'shops-own';
    /** learnt from the readings of many of the shop's jobs */
    case ShopsRecord = 'shops-record';
}
