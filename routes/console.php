<?php

declare(strict_types=1);

use Illuminate\Console\Scheduling\Schedule;

// Nothing is scheduled yet.
unset($schedule);
