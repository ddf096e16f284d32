<?php

declare(strict_types=1);

namespace App\Record;

use App\Heat\BenchHeat;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\JobFact;
use Facelift\Bench\Event;
use Facelift\Bench\Felt;
use Facelift\Bench\Run;
use Facelift\Bench\SeenPass;
use Facelift\Bench\SeenPasses;
use Facelift\Bench\SeenReadings;
use Facelift\Cut\Passes;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\Source;
use Facelift\Record\DragChance;
use Facelift\Record\PassAsSeen;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * What the heat of a job has taught: the window and the pace of its adhesive, the contact of its source, and how well
 * both were foreseen. Its heat is followed again for that, which takes a moment: after whoever hands over has their
 * answer, or, if that was lost, when the shop next looks after itself. Each job once.
 */
final readonly class LearnFromHeat
{
    /** Of those that were missed, so many at a time. */
    private const AT_ONCE = 20;

    public function __construct(
        private Runs $runs,
        private Planning $planning,
        private BenchHeat $heat,
        private KeepLearnt $learnt,
        private KeepForeseen $foreseen,
    ) {}

    public function of(string $job): void
    {
        DB::connection()->transaction(function () use ($job): void {
            $fact = JobFact::query()->lockForUpdate()->find($job);
            if ($fact === null || $fact->learnt) {
                return;
            }
            $fact->update(['learnt' => true]);
            $this->learn(Job::query()->findOrFail($job));
        });
    }

    /** @return int jobs that were missed, and have taught what they could now */
    public function missed(): int
    {
        $taught = 0;
        $jobs = JobFact::query()->where('learnt', false)->orderBy('number')->limit(self::AT_ONCE)->pluck('job_id');
        foreach ($jobs as $job) {
            try {
                $this->of(Cell::text($job));
                ++$taught;
            } catch (Throwable $e) {
                // One that cannot be read must not keep the others from being learnt from.
                report($e);
            }
        }

        return $taught;
    }

    private function learn(Job $job): void
    {
        $run = $this->runs->run($job);
        $condition = $this->planning->condition($job);
        $done = array_map(static fn(Event $e): int => $e->at, $run->state->done);
        $now = $done === [] ? 0 : max($done);
        $seen = new SeenPasses(
            $run,
            $condition,
            fn(string $bond): Source => $this->heat->source($job, $run, $bond, $now),
        );
        $byBond = [];
        foreach ($seen->all() as $pass) {
            $byBond[$pass->bond][] = $pass;
        }
        $this->contacts($job, $run, $now);
        foreach ($byBond as $passes) {
            $this->learnt->passes(
                $passes[0]->adhesive,
                $passes[0]->state,
                max(array_map(static fn(SeenPass $p): float => $p->off, $passes)),
                array_map(self::seen(...), $passes),
            );
        }
        $this->foreseen->passes(array_merge(...array_values(array_map(self::foreseen(...), $byBond))));
        $this->foreseen->readings(SeenReadings::of($run, $condition));
    }

    /** What readings have told of the source, bond by bond. */
    private function contacts(Job $job, Run $run, int $now): void
    {
        foreach (array_keys($run->plan->sealing->openings) as $bond) {
            $fit = $this->heat->fitted($job, $run, $bond, $now);
            if ($fit !== null) {
                $at = Carbon::createFromTimestampMs($now);
                $this->learnt->contact($job->id, $run->plan->basis->source->kind, $at, $fit);
            }
        }
    }

    private static function seen(SeenPass $pass): PassAsSeen
    {
        $helps = self::helps($pass);

        return new PassAsSeen(
            max(1.0, $pass->mm),
            max(1.0, $pass->seconds - Passes::PICK),
            $pass->starts + $helps,
            $pass->ends + $helps,
            $pass->felt === null ? null : $pass->felt === Felt::Dragged,
        );
    }

    /**
     * @param list<SeenPass> $passes
     *
     * @return list<array{float, bool}> chance that was foreseen, and whether it dragged, of those that somebody told
     */
    private static function foreseen(array $passes): array
    {
        $chances = [];
        foreach ($passes as $pass) {
            if ($pass->felt !== null) {
                $chance = DragChance::of($pass->inside + self::helps($pass), hypot($pass->off, $pass->unsure));
                $chances[] = [$chance, $pass->felt === Felt::Dragged];
            }
        }

        return $chances;
    }

    /** K that alcohol beside the blade is worth */
    private static function helps(SeenPass $pass): float
    {
        return $pass->wet ? PaceCurve::ALCOHOL : 0.0;
    }
}
