<?php

declare(strict_types=1);

namespace App\Supply;

/** Who says how long a thing takes to come. */
enum LeadFrom: string
{
    case Set = 'set';
    case Offered = 'offered';
    case Assumed = 'assumed';
}
