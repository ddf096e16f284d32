<?php

declare(strict_types=1);

namespace Facelift\Proof;

/** How a test was done: what its outcome is worth. */
enum How: string
{
    /** Tried and said for this function alone. */
    case OneByOne = 'one-by-one';
    /** Said for all that were left with one tap: nobody knows whether each was tried. */
    case Together = 'together';
    /** Done on the phone under test, which showed it itself. */
    case OnThePhone = 'on-the-phone';
}
