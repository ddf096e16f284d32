<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Facelift\Plan\Plan;
use Illuminate\Support\Carbon;

/** When a phone can be promised: a simple estimate from its own minutes and the hands-on time already accepted. */
final readonly class Promise
{
    /** A promise leaves this much air over the minutes (common practice, no source). */
    private const AIR = 1.25;

    public function of(Job $job, Plan $plan): Carbon
    {
        $ahead = 0.0;
        foreach (Job::query()->whereNotNull('accepted_at')->whereNull('handed_over_at')->where('id', '!=', $job->id)->get() as $other) {
            $hands = $other->quote['handsOn'] ?? 0;
            $ahead += is_numeric($hands) ? (float) $hands : 0.0;
        }
        $seconds = (int) round(self::AIR * ($ahead + $plan->handsOn() + $plan->waiting()));

        return Carbon::now()->addSeconds($seconds)->ceilMinutes(15);
    }
}
