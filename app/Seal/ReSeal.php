<?php

declare(strict_types=1);

namespace App\Seal;

use App\Exceptions\Conflict;
use App\Jobs\ChangeJob;
use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Jobs\SealWishes;
use App\Jobs\Standing;
use App\Models\Job;
use Facelift\Bench\Run;
use Facelift\Document\Unreadable;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Resealing;
use Facelift\Plan\StepKind;

/** Another way of bonding the new part, or heights measured before anything is peeled: the plan's seal made anew. */
final readonly class ReSeal
{
    public function __construct(
        private ChangeJob $change,
        private SealWishes $wishes,
        private Planning $planning,
        private Runs $runs,
        private Standing $standing,
    ) {}

    /**
     * @param array<string, mixed> $seal way and readings as `SealWishes` reads them
     *
     * @throws Conflict   If the job was changed meanwhile, is closed, or its adhesive lies already.
     * @throws Unreadable If something of it cannot be.
     */
    public function __invoke(Job $job, int $version, array $seal): Job
    {
        $wish = $this->wishes->read($seal);

        return $this->change->atAnyTime($job, $version, function (Job $locked) use ($seal, $wish): void {
            if ($locked->seal === $seal) {
                return;
            }
            $locked->seal = $seal;
            if ($locked->plan === null || $locked->plan_works !== true) {
                return;
            }
            $run = $this->runs->run($locked);
            self::mustNotLie($run);
            $plan = (new Resealing($run->plan, $this->planning->condition($locked)))->by($wish);
            $locked->plan = (new PlanDocument())->json($plan);
            $this->standing->moved($locked, $run->under($plan));
        });
    }

    /** @throws Conflict If the adhesive of the new part has been laid. */
    private static function mustNotLie(Run $run): void
    {
        $bond = Resealing::bondOf($run->plan);
        foreach ($run->plan->steps as $step) {
            if ($bond !== null && $step->kind() === StepKind::LaySeal && $step->isAbout($bond)
                && isset($run->state->done[$step->id])) {
                throw Conflict::notReachable(
                    'The adhesive lies already. Undo "Lay the adhesive" first; nothing was changed.',
                );
            }
        }
    }
}
