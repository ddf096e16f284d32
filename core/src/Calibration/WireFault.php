<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What goes wrong between programmer and display. */
enum WireFault: string
{
    /** Nothing answers. */
    case NoContact = 'no-contact';
    /** A block came with bytes that its check sum does not fit. */
    case BadContact = 'bad-contact';
    /** The display's own check sum does not fit what it holds. */
    case WrongChecksum = 'wrong-checksum';
    case WriteProtected = 'write-protected';
    /** It answered, then no more, in the middle of a reading or writing. */
    case Unplugged = 'unplugged';
    /** The programmer itself did not answer in time. */
    case TimedOut = 'timed-out';

    /** True if another try as it stands can help; false if only something else does. */
    public function passes(): bool
    {
        return $this !== self::WriteProtected;
    }
}
