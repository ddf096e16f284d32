<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Support\PhoneLibrary;
use Facelift\Fit\Fitter;
use Facelift\Fit\Verdict;
use Facelift\Fit\Wish;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Reserves a part for a job; of two who ask for the same one, one gets it and the other is told. A part that does not fit is refused as invalid. */
final readonly class ChoosePart
{
    public function __construct(private ChangeJob $change, private PhoneLibrary $phones) {}

    /**
     * @throws Conflict If the part has been taken, or the job was changed meanwhile.
     */
    public function __invoke(Job $job, int $version, int $itemId): Job
    {
        return DB::connection()->transaction(fn(): Job => $this->change->beforeBench($job, $version, function (Job $locked) use ($itemId): void {
            $item = ShelfItem::query()->lockForUpdate()->find($itemId);
            if ($item === null || $item->state === 'faulty') {
                throw ValidationException::withMessages(['item' => 'This part is not on the shelf, or is marked faulty.']);
            }
            if ($item->job_id === $locked->id) {
                return;
            }
            if ($item->job_id !== null) {
                throw Conflict::partTaken($item->label);
            }
            $this->mustFit($locked, $item);
            ShelfItem::query()->where('job_id', $locked->id)->update(['job_id' => null]);
            $item->update(['job_id' => $locked->id]);
            $locked->plan = null;
            $locked->plate = null;
            // The reservation lives on the part: touch the job so that its version counts up.
            $locked->updated_at = Carbon::now();
        }));
    }

    private function mustFit(Job $job, ShelfItem $item): void
    {
        if ($job->kind === null) {
            throw Conflict::notReachable('First: Scope.');
        }
        $fitting = (new Fitter())->judge($this->phones->phone($job->phone), new Wish($job->model_code, $job->kind, $job->colour), $item->offer());
        if ($fitting->verdict() === Verdict::DoesNotFit) {
            throw ValidationException::withMessages(['item' => $item->label . ' does not fit this phone.']);
        }
    }
}
