<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

use Facelift\Calibration\Socket;
use Facelift\Calibration\WireFault;

/** What was asked for did not come about. */
final readonly class Failed implements Seen
{
    public function __construct(public Socket $socket, public WireFault $fault) {}
}
