<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** There is work that nobody at the bench has the right for, or whoever has is away. */
final class NobodyMay extends \RuntimeException {}
