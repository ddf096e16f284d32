<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What something in a phone file rests on. */
enum Rests: string
{
    /** Phones of its family have it so. */
    case Assumed = 'assumed';
    /** It was there, or was not; its figures are as assumed. */
    case Seen = 'seen';
    /** With its figures, on this model. */
    case Measured = 'measured';
}
