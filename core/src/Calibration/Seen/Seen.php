<?php

declare(strict_types=1);

namespace Facelift\Calibration\Seen;

/** Something that happened in a transfer. */
interface Seen {}
