<?php

declare(strict_types=1);

namespace App\Models;

/** What an insurer has said of a claim, and whether it has paid. */
enum ClaimState: string
{
    case Asked = 'asked';
    case Authorised = 'authorised';
    case Partly = 'partly';
    case Rejected = 'rejected';
    case Paid = 'paid';

    /** States in which the insurer owes what it authorised. */
    public const OWING = [self::Authorised, self::Partly];
}
