<?php

declare(strict_types=1);

namespace Facelift\Cost;

/** The rule that set a price. */
enum PriceRule: string
{
    case MarginFloor = 'margin-floor';
    case Fixed = 'fixed';
}
