<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** What is done about the data in a display's memory, as the customer decides it. */
enum DataWay: string
{
    /** The phone keeps its own panel, and with it its data. */
    case Own = 'own';
    /** Read from the old display, written to the new one, read back. */
    case Copy = 'copy';
    /** Read and kept with the job, but not on the new display. */
    case Leave = 'leave';
    /** The old display's chip is moved to the new one. */
    case Chip = 'chip';
}
