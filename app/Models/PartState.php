<?php

declare(strict_types=1);

namespace App\Models;

/** Where a part of the shelf stands. */
enum PartState: string
{
    /** It is on its way: nobody has held it yet. */
    case Ordered = 'ordered';
    case New = 'new';
    case Tested = 'tested';
    case KeptFrame = 'kept-frame';
    case Faulty = 'faulty';
    case Returned = 'returned';
    case Fitted = 'fitted';
    /** Taken off the shelf for another reason: sold, lost, thrown away. */
    case Gone = 'gone';

    /** States in which a part may still go into a phone. */
    public const ON_SHELF = [self::New, self::Tested, self::KeptFrame];

    /** States in which a part may be held for a job. */
    public const FOR_JOB = [...self::ON_SHELF, self::Ordered];

    /** States that a person may put it in; the others follow from what happens to it. */
    public const BY_HAND = [...self::ON_SHELF, self::Faulty, self::Gone];
}
