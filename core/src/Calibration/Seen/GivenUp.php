<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

/** Somebody does not go on, and says why. */
final readonly class GivenUp implements Seen
{
    public function __construct(public string $why) {}
}
