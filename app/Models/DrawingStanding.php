<?php

declare(strict_types=1);

namespace App\Models;

/** What a version of a phone file is good for. */
enum DrawingStanding: string
{
    /** New jobs open with the newest of these. */
    case Kept = 'kept';
    /** As one job at the bench has shown it so far: for that job alone. */
    case Bench = 'bench';
    /** A later job saw something otherwise: somebody has to look at it first. */
    case Proposed = 'proposed';
    /** Looked at, and not taken over. */
    case Left = 'left';
}
