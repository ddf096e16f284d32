<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\Runs;
use App\Models\GlassTry;
use App\Models\Job;
use App\Models\PartState;
use App\Models\ReturnState;
use App\Models\ShelfItem;
use App\Models\SupplierReturn;
use App\Models\User;
use App\Record\KeepRecord;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Support\Str;

/** A part fails on the bench. Before it is glued it goes back to its supplier; once glued in, no supplier takes it. */
final readonly class PartFailed
{
    public function __construct(private ChangeJob $change, private Runs $runs, private KeepRecord $record) {}

    /**
     * @param string $id made by the client: the same report again changes nothing
     *
     * @throws Conflict If the job has no part, or was changed meanwhile.
     */
    public function __invoke(
        Job $job,
        User $user,
        int $version,
        string $id,
        string $reason,
    ): Job {
        return $this->change->atAnyTime($job, $version, function (Job $locked) use ($user, $id, $reason): void {
            if (SupplierReturn::query()->whereKey($id)->exists()) {
                return;
            }
            $item = ShelfItem::query()->where('job_id', $locked->id)->lockForUpdate()->first();
            if ($item === null || $locked->handed_over_at !== null) {
                throw Conflict::notReachable(
                    'This job holds no part that could fail. Choose one at Part first; nothing was changed.',
                );
            }
            $glued = $this->isGlued($locked);
            SupplierReturn::query()->create([
                'id' => $id,
                'item_id' => $item->id,
                'job_id' => $locked->id,
                'reason' => $reason,
                'state' => $glued ? ReturnState::Refused : ReturnState::Open,
                'opened_by' => $user->id,
            ]);
            $this->record->partFailed($item);
            $item->update(['state' => PartState::Faulty, 'job_id' => null, 'version' => $item->version + 1]);
            if ($item->kind === ReplacementKind::GlassOnly) {
                GlassTry::query()->firstOrCreate(
                    ['job_id' => $locked->id],
                    ['id' => Str::uuid()->toString(), 'whole' => false],
                );
            }
            $locked->changedBeside = true;
        });
    }

    /** True once the new part lies in its adhesive. */
    private function isGlued(Job $job): bool
    {
        return $job->plan_works === true && $this->runs->run($job)->isGlued();
    }
}
