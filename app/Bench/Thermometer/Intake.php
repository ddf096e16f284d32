<?php

declare(strict_types=1);

namespace App\Bench\Thermometer;

use App\Bench\AppendEvents;
use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\Thermometer;
use App\Models\User;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Heat\ThermometerLine;
use Ramsey\Uuid\Uuid;

/** Takes in what thermometers say: the last of each is known, and what one reads for a heating is kept with its job. */
final readonly class Intake
{
    /** A reading is kept no more often than this, ms: a fit gains nothing from more. */
    private const EVERY = 5_000;
    /** Nobody follows a heating for longer, ms: a thermometer left behind must not fill a job. */
    private const LONGEST = 1_800_000;

    public function __construct(private AppendEvents $append) {}

    /** False for a line that is no reading. */
    public function take(string $line): bool
    {
        $heard = ThermometerLine::parse($line);
        if ($heard === null) {
            return false;
        }
        $now = now()->getTimestampMs();
        $thermometer = Thermometer::query()->updateOrCreate(
            ['id' => $heard->device],
            ['heard_at' => $now, 'sequence' => $heard->sequence, 'tenths' => $heard->tenths],
        );
        if ($heard->tenths !== null && $thermometer->job_id !== null) {
            $this->keep($thermometer, $heard->tenths, $now);
        }

        return true;
    }

    private function keep(Thermometer $thermometer, int $tenths, int $now): void
    {
        if ($now - (int) $thermometer->attached_at > self::LONGEST) {
            $thermometer->letGo();

            return;
        }
        if ($thermometer->kept_at !== null && abs($now - $thermometer->kept_at) < self::EVERY) {
            return;
        }
        $job = Job::query()->find($thermometer->job_id);
        $user = User::query()->find($thermometer->user_id);
        if ($job === null || $user === null) {
            return;
        }
        // The same line heard twice makes the same event, which counts once.
        $id = Uuid::uuid5(
            Uuid::NAMESPACE_OID,
            implode(' ', [$thermometer->id, $thermometer->sequence, $job->id, $thermometer->attached_at]),
        )->toString();
        try {
            $answer = ($this->append)($job, $user, [
                new Event($id, EventType::Reading, $now, [
                    'step' => (string) $thermometer->step,
                    'probe' => (string) $thermometer->probe,
                    'tenths' => $tenths,
                ]),
            ]);
        } catch (Conflict) {
            $thermometer->letGo();

            return;
        }
        $answer->refused === [] ? $thermometer->fill(['kept_at' => $now])->save() : $thermometer->letGo();
    }
}
