<?php

declare(strict_types=1);

namespace App\Outside;

/** An answer that is longer than one could be. */
final class TooLong extends \RuntimeException {}
