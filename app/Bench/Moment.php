<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use Facelift\Bench\Refusal;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** When something is said to have happened to a job: not before the job was opened, and not after now. */
final class Moment
{
    /** What two clocks may differ by without a word, ms. */
    private const MAY_DIFFER = 120_000;

    /** @param int $at ms since 1970 */
    public static function refusal(Job $job, int $at): ?Refusal
    {
        $ahead = $at - Carbon::now()->getTimestampMs();
        $before = (int) $job->created_at->getTimestampMs() - $at;

        return match (true) {
            $ahead > self::MAY_DIFFER => Refusal::never('clock-ahead', ['seconds' => intdiv($ahead, 1000)]),
            $before > self::MAY_DIFFER => Refusal::never('before-job', ['seconds' => intdiv($before, 1000)]),
            default => null,
        };
    }

    /** @throws ValidationException If it cannot be; the difference is said. */
    public static function check(Job $job, int $at): void
    {
        $refusal = self::refusal($job, $at);
        if ($refusal !== null) {
            $seconds = $refusal->reason->figures['seconds'] ?? 0;
            throw ValidationException::withMessages(['at' => sprintf(
                $refusal->reason->code === 'clock-ahead'
                    ? 'This is %s ahead of this shop\'s clock. Nothing was kept: set the clock of the device.'
                    : 'This is %s before the job was opened. Nothing was kept: set the clock of the device.',
                self::span((int) $seconds),
            )]);
        }
    }

    private static function span(int $seconds): string
    {
        return match (true) {
            $seconds < 5400 => intdiv($seconds + 30, 60) . ' min',
            $seconds < 172_800 => intdiv($seconds + 1800, 3600) . ' h',
            default => intdiv($seconds + 43_200, 86_400) . ' days',
        };
    }
}
