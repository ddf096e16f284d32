<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\Job;
use Facelift\Document\Unreadable;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Finds out anew where open jobs stand, for jobs that were kept before that was written beside them. */
final readonly class RefreshStanding
{
    public function __construct(private Runs $runs, private Standing $standing) {}

    /** @return int jobs that cannot be read: they stay as they are, and say so when they are opened */
    public function __invoke(): int
    {
        $unread = 0;
        foreach (Job::query()->whereNull('handed_over_at')->whereNotNull('plan')->lazyById(50) as $job) {
            try {
                $this->standing->moved($job, $this->runs->run($job));
                $job->save();
            } catch (Conflict) {
                // A plan that does not work has no run.
            } catch (Unreadable|NotFoundHttpException|\JsonException) {
                ++$unread;
            }
        }

        return $unread;
    }
}
