<?php

declare(strict_types=1);

namespace App\Models;

/** How a job ended. */
enum ClosedAs: string
{
    case HandedOver = 'handed-over';
    case Refused = 'refused';
}
