<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Heat\SourcesInUse;
use App\Jobs\ChangeJob;
use App\Jobs\Planning;
use App\Jobs\Standing;
use App\Jobs\Stations;
use App\Models\Job;
use Facelift\Document\Unreadable;
use Facelift\Fit\OldPanel;
use Facelift\Heat\SourceReader;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\School;

/** Computes the plan of a job and keeps it with the job: the bench works from exactly what was shown. */
final readonly class MakePlan
{
    public function __construct(
        private ChangeJob $change,
        private Planning $planning,
        private Stations $stations,
        private Standing $standing,
        private SourcesInUse $sources,
    ) {}

    /**
     * @param array<string, mixed> $source as `SourceReader` reads it
     * @param string|null          $reason why it is another one than the recommended; null if it is that
     *
     * @throws Conflict   If no quote is accepted yet, or the job was changed meanwhile.
     * @throws Unreadable If the source is none.
     */
    public function __invoke(
        Job $job,
        int $version,
        array $source,
        OldPanel $old = OldPanel::Save,
        School $school = School::StripThenBuild,
        ?string $reason = null,
    ): Job {
        $this->stations->mustReach('plan', $job);

        // Made before the row is locked: the version says whether what it was made from still holds.
        $as = (clone $job)->fill(['school' => $school, 'old_panel' => $old]);
        $plan = $this->planning->plan(
            $as,
            $this->sources->read($source),
            $this->sources->approach($source),
        );
        $document = (new PlanDocument())->json($plan);

        return $this->change->beforeBench($job, $version, function (Job $locked) use (
            $source,
            $plan,
            $document,
            $old,
            $school,
            $reason,
        ): void {
            $locked->fill([
                'school' => $school,
                'old_panel' => $old,
                'heat_source' => $source,
                'heat_reason' => $reason,
                'plan' => $document,
            ]);
            $this->standing->planned($locked, $plan);
        });
    }
}
