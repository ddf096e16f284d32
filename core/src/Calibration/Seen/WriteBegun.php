<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

/** Told before the first byte goes out: from then on nobody knows what the new display holds until it is read. */
final readonly class WriteBegun implements Seen {}
