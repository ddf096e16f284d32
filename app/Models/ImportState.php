<?php

declare(strict_types=1);

namespace App\Models;

/** How far a parts list is. */
enum ImportState: string
{
    case Checking = 'checking';
    case Ready = 'ready';
    case Refused = 'refused';
    case Done = 'done';
}
