<?php

declare(strict_types=1);

namespace App\Models;

/** What was done to a row. */
enum Act: string
{
    case Made = 'made';
    case Changed = 'changed';
    case Gone = 'gone';
}
