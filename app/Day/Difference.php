<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Job;
use Facelift\Schedule\Day\MadeDays;
use Facelift\Schedule\Day\Planned;

/** What one day does to phones that another did not. */
final readonly class Difference
{
    /** ms that nobody would notice */
    private const SMALL = 60_000;

    /**
     * @param float $certainty with which a new time is said
     *
     * @return list<array<string, mixed>> phones that are ready at another time, the later ones first
     */
    public static function between(Planned $before, Planned $after, Accepted $accepted, float $certainty): array
    {
        $then = $before->laid->ready();
        $now = $after->laid->ready();
        $made = MadeDays::of($after->laid);
        $time = $after->laid->day->time;
        $rows = [];
        foreach ($accepted->jobs() as $job) {
            if (!isset($now[$job->id], $then[$job->id])) {
                continue;
            }
            // By the clock: within other opening hours the same time of work ends on another day.
            $was = $before->laid->day->time->moment($then[$job->id]);
            $ready = $time->moment($now[$job->id]);
            if (abs($ready - $was) < self::SMALL) {
                continue;
            }
            $rows[] = [
                'job' => $job->id,
                'tag' => $job->tag(),
                'before' => $was,
                'after' => $ready,
                'promisedAt' => $job->promised_at?->getTimestampMs(),
                'call' => self::call($job, $ready)
                    ? $after->laid->day->bench->hours->said(
                        $time->moment($made->by($job->id, $certainty)),
                        $after->laid->day->now,
                    )
                    : null,
            ];
        }
        usort($rows, static fn(array $a, array $b): int => $b['after'] - $b['before'] <=> $a['after'] - $a['before']);

        return $rows;
    }

    /** True if the customer has to be called: by the plan it is not ready when it was promised. */
    public static function call(Job $job, int $ready): bool
    {
        return $job->promised_at !== null && $ready > $job->promised_at->getTimestampMs();
    }
}
