<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\Planning;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\PartState;
use App\Models\ShelfItem;
use Facelift\Fit\Fitter;
use Facelift\Fit\Verdict;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Reserves a part for a job; of two who ask for the same one, one gets it and the other is told. A part that does not
 * fit is refused as invalid.
 */
final readonly class ChoosePart
{
    public function __construct(private ChangeJob $change, private Planning $planning) {}

    /**
     * @throws Conflict If the part has been taken, or the job was changed meanwhile.
     */
    public function __invoke(Job $job, int $version, int $itemId): Job
    {
        return DB::connection()->transaction(
            fn(): Job => $this->change->whileNoPart($job, $version, function (Job $locked) use ($itemId): void {
                $this->reserve($locked, $itemId);
                if ($locked->changedBeside && !BenchEvent::query()->where('job_id', $locked->id)->exists()) {
                    // Another part is another price: the customer has to say yes again.
                    $locked->dropQuote();
                }
            }),
        );
    }

    /**
     * Reserves a part for a job that is locked already.
     *
     * @throws Conflict If the part has been taken.
     */
    public function reserve(Job $locked, int $itemId): void
    {
        $item = ShelfItem::query()->lockForUpdate()->find($itemId);
        // What is on its way for this job is its own already.
        if ($item?->job_id === $locked->id && in_array($item->state, PartState::FOR_JOB, true)) {
            return;
        }
        if ($item === null || !in_array($item->state, PartState::ON_SHELF, true)) {
            throw ValidationException::withMessages([
                'item' => 'This part is not on the shelf any more. Nothing was changed; choose another.',
            ]);
        }
        if ($item->job_id !== null) {
            throw Conflict::partTaken($item->label);
        }
        $this->mustFit($locked, $item);
        ShelfItem::query()->where('job_id', $locked->id)->update(['job_id' => null]);
        $item->update(['job_id' => $locked->id]);
        $locked->changedBeside = true;
    }

    /** @throws ValidationException If it does not fit the phone. */
    public function mustFit(Job $job, ShelfItem $item): void
    {
        if ($job->kind === null) {
            throw Conflict::notReachable('What to fit is not chosen yet. First: Scope.');
        }
        $asked = $this->planning->asked($job);
        $fitting = (new Fitter())->judge($asked->phone, $asked->wish($job->kind), $item->offer());
        if ($fitting->verdict() === Verdict::DoesNotFit) {
            throw ValidationException::withMessages([
                'item' => $item->label . ' does not fit this phone. Nothing was changed; choose one whose codes match.',
            ]);
        }
    }
}
