<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

use Facelift\Calibration\Socket;

/** The whole memory was read, each block with the check sum that fits it. */
final readonly class WasRead implements Seen
{
    public function __construct(public Socket $socket, public string $bytes) {}
}
