<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

use Facelift\Calibration\Socket;

/** A display said what it is. */
final readonly class Identified implements Seen
{
    /**
     * @param string $panel  its marking
     * @param string $layout code of the layout that it takes
     */
    public function __construct(public Socket $socket, public string $panel, public string $layout) {}
}
