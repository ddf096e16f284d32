<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Node\Lease;
use Illuminate\Console\Command;

/** For work that is begun by a script: succeeds if it is this machine's turn. */
final class HoldLease extends Command
{
    protected $signature = 'facelift:lease {name} {seconds}';

    protected $description = 'Take or renew the lease of work that runs once';

    public function handle(): int
    {
        [$name, $seconds] = [$this->argument('name'), $this->argument('seconds')];
        assert(is_string($name) && is_numeric($seconds));

        return Lease::here($name, max(1, (int) $seconds))->hold() ? self::SUCCESS : self::FAILURE;
    }
}
