<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Privacy\KeepingTime;
use Illuminate\Console\Command;

/** Called at night: customers whose time is over are taken out of their jobs. */
final class EndKeepingTime extends Command
{
    protected $signature = 'facelift:forget';

    protected $description = 'Take out customers whose details have been kept long enough';

    public function handle(KeepingTime $time): int
    {
        $this->line($time->end() . ' jobs have no customer any more');

        return self::SUCCESS;
    }
}
