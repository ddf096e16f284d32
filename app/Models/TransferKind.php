<?php

declare(strict_types=1);

namespace App\Models;

/** What kind of thing happened at the programmer. */
enum TransferKind: string
{
    case Identified = 'identified';
    case Read = 'read';
    case Kept = 'kept';
    case WriteBegun = 'write-begun';
    case Failed = 'failed';
    case GivenUp = 'given-up';
    case OtherPart = 'other-part';
}
