<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What can have happened to the data of the old display, as far as the bench has to know it. */
enum DataState: string
{
    /** Read twice alike and put by. */
    case Kept = 'kept';
    /** It cannot be read, and somebody says why. */
    case GivenUp = 'given-up';
    /** Nothing more is done with the programmer; the event says how it ended. */
    case Ended = 'ended';
}
