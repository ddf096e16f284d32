<?php

declare(strict_types=1);

namespace App\Record;

/** What a share is asked of. */
enum Question: string
{
    /** phones that came back under warranty */
    case Comebacks = 'comebacks';
    /** parts that failed before they were fitted */
    case Failures = 'failures';
    /** phones that were ready when it was promised */
    case Promises = 'promises';
}
