<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** How a transfer ended. */
enum Ending: string
{
    /** Read back from the new display, equal to what was to be written. */
    case Copied = 'copied';
    /** The new display held the same data before anything was written. */
    case HeldAlready = 'held-already';
    /** The new display takes another layout; nothing was written. */
    case OtherLayout = 'other-layout';
    /** The new display refuses to be written; read back, it holds what it had. */
    case Protected = 'protected';
    /** Writing failed time and again; read back, the new display holds what it had. */
    case Restored = 'restored';
    /** Given up when neither could be brought about; what it holds was read, and it is neither. */
    case Spoiled = 'spoiled';
    /** The old display was given up unread, with a reason. */
    case NoDump = 'no-dump';
    /** Stopped by hand before anything was written. */
    case Stopped = 'stopped';
}
