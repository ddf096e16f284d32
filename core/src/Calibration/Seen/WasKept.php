<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

use Facelift\Calibration\Socket;

/** The reading that was equal twice is put by for good. */
final readonly class WasKept implements Seen
{
    public function __construct(public Socket $socket) {}
}
