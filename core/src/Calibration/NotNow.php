<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** Something was told to a transfer that cannot have happened at this point, or must not. */
final class NotNow extends \LogicException {}
