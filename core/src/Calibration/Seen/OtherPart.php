<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

/** The new display is not used after all: another one is, of which nothing is known yet. */
final readonly class OtherPart implements Seen {}
