<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** What is known of an adhesive besides its kind. */
enum AdhesiveState: string
{
    case Fresh = 'fresh';
    /** Years old and thin: lets go easily. */
    case Aged = 'aged';
    /** Somebody has opened the phone before: nobody knows what holds it. */
    case Foreign = 'foreign';
}
