<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Internal\Notes;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;

/**
 * The end of a job: trays back, everything off that was put on, charged, tested.
 *
 * @internal
 */
final readonly class Finishing implements Writer
{
    /** s on the charger (common practice, no source) */
    private const CHARGE = 600.0;

    public function __construct(private Site $site) {}

    public function write(array $after): string
    {
        $trays = $this->trays();
        if ($trays !== []) {
            $after = [$this->site->steps->add(Phase::Finish, $this->traysBack($trays), $after)];
        }
        $on = array_values(
            array_filter($this->site->steps->stillOn(), static fn(Thing $t): bool => !$t->staysUntilHandOver()),
        );
        if ($on !== []) {
            $after = [$this->site->steps->add(Phase::Finish, $this->takenOff($on), $after)];
        }
        $charge = Step::of(StepKind::Charge, $this->site->steps->face())
            ->taking(10.0, self::CHARGE)
            ->because(new Reason('charge-before-last-gate'));

        return (new Gates($this->site))->at(Gate::Finished, 'last-gate', [
            $this->site->steps->add(Phase::Finish, $charge, $after),
        ]);
    }

    /** @param list<string> $trays */
    private function traysBack(array $trays): Step
    {
        return Step::of(StepKind::PutBack, $this->site->steps->face(), ...$trays)
            ->saying(['name' => $this->site->names($trays)])
            ->taking(20.0)
            ->because(new Reason('trays-back'))
            ->leaving(Effects::none()->fitting(...$trays));
    }

    /** @param list<Thing> $on */
    private function takenOff(array $on): Step
    {
        return Step::of(StepKind::TakeOff, $this->site->steps->face())
            ->saying(['things' => Notes::values($on)])
            ->taking(30.0)
            ->because(new Reason('work-things-off'))
            ->leaving(Effects::none()->taking(...$on));
    }

    /** @return list<string> */
    private function trays(): array
    {
        return array_keys(array_filter($this->site->phone->parts, static fn($p): bool => $p->kind->comesOutFirst()));
    }
}
