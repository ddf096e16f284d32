<?php

declare(strict_types=1);

namespace App\Models;

/** What a phone came back with. */
enum CameBack: string
{
    case EdgeLifts = 'edge-lifts';
    case Fails = 'function';
    /** Lines, spots or a tint that were not there. */
    case Picture = 'picture';
    case Creaks = 'creaks';
    case Other = 'other';
}
