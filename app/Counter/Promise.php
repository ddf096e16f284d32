<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** When a phone can be promised: a simple estimate from its own minutes and the hands-on time already accepted. */
final readonly class Promise
{
    /** A promise leaves this much air over the minutes (common practice, no source). */
    private const AIR = 1.25;

    public function of(Job $job, Plan $plan): Carbon
    {
        // Summed where it lies: no quote has to be fetched for it.
        $ahead = DB::table('repair_jobs')
            ->whereNotNull('accepted_at')
            ->whereNull('handed_over_at')
            ->where('id', '!=', $job->id)
            ->sum(DB::raw("coalesce(json_value(quote, '$.handsOn'), 0) + 0.0"));
        $seconds = (int) round(
            self::AIR * ((is_numeric($ahead) ? (float) $ahead : 0.0) + $this->own($plan)),
        );

        return Carbon::now()->addSeconds($seconds)->ceilMinutes(15);
    }

    /** s that this phone takes; one that nobody has drawn is promised by its longest. */
    private function own(Plan $plan): float
    {
        return $plan->handsOn() + $plan->waiting() + (Guess::of($plan)?->reserve($plan) ?? 0.0);
    }
}
