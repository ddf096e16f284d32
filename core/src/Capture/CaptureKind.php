<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** What is said at the bench of a phone that nobody has drawn. */
enum CaptureKind: string
{
    /** Screws that are not in the file. */
    case MoreScrews = 'more-screws';
    /** A plug that is not in the file. */
    case MorePlug = 'more-plug';
    /** A cover or bracket that lies over something. */
    case MoreCover = 'more-cover';
    /** How many screws of a group there are, and how long. */
    case ScrewsCounted = 'screws-counted';
    /** Something that the file assumes is not there. */
    case NotThere = 'not-there';
}
