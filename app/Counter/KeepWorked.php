<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\Runs;
use App\Models\DrawingStanding;
use App\Models\Job;
use App\Models\SaidOfPhone;
use App\Models\User;
use App\Phones\DrawPhone;
use App\Phones\PhoneLibrary;
use App\Phones\PhoneRef;
use App\Words\ShopTime;
use Facelift\Anatomy\PhoneReader;
use Facelift\Bench\CameOff;
use Facelift\Bench\Repaired;
use Facelift\Capture\Review;
use Facelift\Capture\Worked;
use Illuminate\Support\Carbon;

/**
 * What a repair has shown of its phone: looked at before the job is closed, and kept with it as the next version of the
 * phone's file. Where it contradicts what an earlier job saw it is only proposed.
 */
final readonly class KeepWorked
{
    public function __construct(
        private PhoneLibrary $phones,
        private DrawPhone $draw,
        private Runs $runs,
    ) {}

    /** Nothing is kept of a phone that was drawn. Call it inside the transaction that closes the job. */
    public function __invoke(Job $job, User $user): void
    {
        $review = $this->review($job);
        if ($review === null) {
            return;
        }
        $id = PhoneRef::read($job->phone)->file;
        $isNewest = (string) $this->phones->newest($id) === $this->base($job);
        $standing = $review->agrees() && $isNewest ? DrawingStanding::Kept : DrawingStanding::Proposed;
        $this->draw->byRepair(
            $user,
            $id,
            $this->shown($job),
            $standing,
            $job,
        );
    }

    /** @return Review|null null for a phone that was drawn: nothing is learnt of it here */
    public function review(Job $job): ?Review
    {
        if (!$this->phones->phone($job->phone)->footing->isProvisional() && $this->base($job) === $job->phone) {
            return null;
        }

        return Review::of($this->phones->phone($this->base($job)), (new PhoneReader())->read($this->shown($job)));
    }

    /** The file that the job was opened with. */
    private function base(Job $job): string
    {
        return SaidOfPhone::query()->where('job_id', $job->id)->orderBy('at')->first()->base ?? $job->phone;
    }

    /** @return array<string, mixed> */
    private function shown(Job $job): array
    {
        $run = $this->runs->run($job);
        $document = [];
        foreach ((array) $this->phones->document($job->phone) as $key => $value) {
            $document[(string) $key] = $value;
        }
        $day = app(ShopTime::class)->day($job->handed_over_at ?? Carbon::now());

        return Worked::on($document, CameOff::of($run), Repaired::of($run, $job->tag(), $day));
    }
}
