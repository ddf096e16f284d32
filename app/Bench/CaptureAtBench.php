<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Jobs\Standing;
use App\Models\DrawingStanding;
use App\Models\Job;
use App\Models\SaidOfPhone;
use App\Models\User;
use App\Phones\DrawPhone;
use App\Phones\PhoneLibrary;
use App\Phones\PhoneRef;
use Facelift\Bench\CameOff;
use Facelift\Bench\Regrown;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\SeenNow;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Point;
use Facelift\Plan\PlanDocument;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what is said at the bench of a phone that nobody has drawn: its file in a next version, and the plan anew from
 * where the phone now stands; all of it or nothing.
 */
final readonly class CaptureAtBench
{
    public function __construct(
        private PhoneLibrary $phones,
        private DrawPhone $draw,
        private Planning $planning,
        private Runs $runs,
        private Standing $standing,
    ) {}

    /**
     * The same id again changes nothing.
     *
     * @throws Conflict   If the job is closed, its phone was drawn, or what is said contradicts what came off already.
     * @throws Unreadable If it makes no phone that can be worked on: nothing is kept.
     */
    public function __invoke(Job $job, User $user, Captured $said): Job
    {
        return DB::connection()->transaction(function () use ($job, $user, $said): Job {
            $locked = $this->open($job);
            if (SaidOfPhone::query()->whereKey($said->event)->exists()) {
                return $locked;
            }
            Moment::check($locked, $said->at);
            $this->mustNotContradict($locked, $said);
            $rows = $this->rows($locked);
            $base = $rows[0]->base ?? $locked->phone;
            $capture = new Capture($this->document($base), $locked->tag());
            $before = array_map(static fn(SaidOfPhone $r): Captured => $r->captured(), $rows);
            $said = $this->seenAfter($locked, $said);
            $capture->after($capture->of($before), $said);
            $document = $capture->of([...$before, $said]);
            SaidOfPhone::query()->create([
                'id' => $said->event,
                'job_id' => $locked->id,
                'base' => $base,
                'kind' => $said->kind,
                'at' => $said->at,
                'said' => SaidOfPhone::kept($said),
                'user_id' => $user->id,
            ]);

            return $this->goOn($locked, $user, $document);
        }, 3);
    }

    /**
     * Takes back what was said.
     *
     * @throws Conflict If the job is closed, or a step about it is done.
     */
    public function undo(Job $job, User $user, string $event): Job
    {
        return DB::connection()->transaction(function () use ($job, $user, $event): Job {
            $locked = $this->open($job);
            $row = SaidOfPhone::query()->where('job_id', $locked->id)->findOrFail($event);
            if ($row->undone) {
                return $locked;
            }
            $made = $row->captured()->makes();
            if ($this->wasHandled($locked, $made)) {
                throw Conflict::notReachable('A step about it is done. Undo that step first; nothing was changed.');
            }
            $row->update(['undone' => true]);
            $left = array_map(static fn(SaidOfPhone $r): Captured => $r->captured(), $this->rows($locked));

            return $this->goOn($locked, $user, (new Capture($this->document($row->base), $locked->tag()))->of($left));
        }, 3);
    }

    private function open(Job $job): Job
    {
        $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
        if ($locked->handed_over_at !== null) {
            throw Conflict::closed($locked);
        }
        if (!$this->phones->phone($locked->phone)->footing->isProvisional() && $this->rows($locked) === []) {
            $why = 'This phone is drawn. What is wrong in its file is put right at the workbench.';
            throw Conflict::notReachable($why);
        }

        return $locked;
    }

    /** @return list<SaidOfPhone> in the order of their times */
    private function rows(Job $job): array
    {
        return array_values(
            SaidOfPhone::query()
                ->where('job_id', $job->id)
                ->where('undone', false)
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private function document(string $phone): array
    {
        $document = [];
        foreach ((array) $this->phones->document($phone) as $key => $value) {
            $document[(string) $key] = $value;
        }

        return $document;
    }

    /** Nobody says what had to be off before something could be seen: what is off by now tells it. */
    private function seenAfter(Job $job, Captured $said): Captured
    {
        if ($said->after !== null) {
            return $said;
        }
        $seen = new SeenNow($this->phones->phone($job->phone), CameOff::of($this->runs->run($job)));
        [$x, $y] = $said->places[0] ?? [null, null];
        $place = $x === null || $y === null ? null : new Point($x, $y);

        return match (true) {
            $said->kind->isNew() => $said->seenAfter($seen->after($said->under[0] ?? $said->of, $place)),
            $said->kind === CaptureKind::LiesOver => $said->seenAfter($seen->last()),
            default => $said,
        };
    }

    /** What has come off was there, and as many as came off. */
    private function mustNotContradict(Job $job, Captured $said): void
    {
        $is = in_array($said->kind, [CaptureKind::NotThere, CaptureKind::ScrewsCounted], true);
        if ($is && $this->wasHandled($job, $said->of)) {
            $name = $this->phones->phone($job->phone)->nameOf($said->of);
            throw Conflict::notReachable("$name has come off already. Undo that step first.");
        }
    }

    private function wasHandled(Job $job, string $element): bool
    {
        $run = $this->runs->run($job);
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $step) {
            if (in_array($element, $step->act->subjects, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, mixed> $document */
    private function goOn(Job $job, User $user, array $document): Job
    {
        $run = $this->runs->run($job);
        $id = PhoneRef::read($job->phone)->file;
        $kept = $this->draw->byRepair(
            $user,
            $id,
            $document,
            DrawingStanding::Bench,
            $job,
        );
        $job->phone = (string) new PhoneRef($id, $kept->version);
        $plan = (new Regrown($run))->into($this->planning->again(
            $job,
            $run->plan->basis->source,
            $run->plan->basis->approach,
            $run->plan,
        ));
        $job->plan = (new PlanDocument())->json($plan);
        $this->standing->moved($job, $run->under($plan));
        ++$job->version;
        $job->save();

        return $job;
    }
}
