<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Support\Carbon;

/**
 * The hands of the clock for browser tests: a file says how many milliseconds the shop's clock is ahead.
 * Only a test run names such a file; without one the clock is the machine's.
 */
final readonly class TestClock
{
    public function __construct(private string $file) {}

    /** Moves this request's clock; a file that is missing or holds no number moves nothing. */
    public function wind(): void
    {
        $ahead = $this->file === '' || !is_file($this->file)
                ? false
                : filter_var(trim((string) file_get_contents($this->file)), FILTER_VALIDATE_INT);
        if ($ahead !== false) {
            $now = Carbon::createFromTimestampMs((int) floor(1000 * microtime(true)) + $ahead);
            Carbon::setTestNow($now);
        }
    }
}
