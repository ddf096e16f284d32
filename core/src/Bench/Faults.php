<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Condition\Condition;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Touches;
use Facelift\Proof\Change;
use Facelift\Proof\Fault\Before;
use Facelift\Proof\Fault\FaultKind;
use Facelift\Proof\Fault\Located;
use Facelift\Proof\Fault\Locator;
use Facelift\Proof\Fault\Look;
use Facelift\Proof\Fault\LookSeen;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\Suspicions;
use Facelift\Proof\Fault\TestSeen;
use Facelift\Proof\Outcome;

/** What can be behind the functions that fail in a run, from everything that it has shown. */
final readonly class Faults
{
    private const NOT_YET = \PHP_INT_MAX;

    /** @var array<string, int> places of the plan's steps */
    private array $places;

    public function __construct(private Run $run, private Condition $condition)
    {
        $this->places = array_flip(array_keys($run->plan->steps));
    }

    public function located(): Located
    {
        $back = new WayBack($this->run);

        return (new Locator())->locate(
            $this->suspicions(),
            $this->tests(),
            $this->looks(),
            static fn(Suspicion $s): float => $back->to($s)->seconds,
        );
    }

    /** @return array<string, Change> by function, from the last gate at which it was tested */
    public function changes(): array
    {
        $last = [];
        foreach (array_keys($this->run->plan->gates) as $gate) {
            $last = array_replace($last, $this->run->state->proofs->tests[$gate] ?? []);
        }
        $changes = [];
        foreach ($last as $function => $outcome) {
            $before = $this->condition->stateOf(PhoneFunction::from($function));
            $changes[$function] = Change::between($before, Outcome::from($outcome));
        }

        return $changes;
    }

    /** @return list<Suspicion> each from the place in the plan from which on it can be so */
    private function suspicions(): array
    {
        $plan = $this->run->plan;
        $all = (new Suspicions($plan->basis->phone, $plan->route, $plan->sealing->seals))->all();

        return [
            ...array_merge(...array_map($this->placed(...), $all)),
            ...Before::of($this->condition, $plan->basis->phone->functions()),
        ];
    }

    /** @return list<Suspicion> from when it can be so: since it was touched, or since the phone was shut over it */
    private function placed(Suspicion $suspicion): array
    {
        $known = $this->known($suspicion);
        $since = $this->since($suspicion);
        $shut = $since === self::NOT_YET || $suspicion->kind->later() <= 0.0 ? [] : $this->shutAfter($since);
        if ($shut === []) {
            return [$known->from($since)];
        }

        $later = $suspicion->kind->later();

        return [
            $known->likely((1 - $later) * $known->prior)->from($since),
            $known->likely($later * $known->prior)->from(max($shut)),
        ];
    }

    /** @return list<int> places of the steps done that shut something */
    private function shutAfter(int $place): array
    {
        $done = array_intersect_key($this->run->plan->steps, $this->run->state->done);
        $shut = array_keys(array_filter($done, static fn(Step $s): bool => $s->kind()->closes()));
        $places = array_map(fn(string $id): int => $this->places[$id], $shut);

        return array_values(array_filter($places, static fn(int $p): bool => $p > $place));
    }

    /** What the run knows of a suspicion beyond the route: data that was copied, a part that was fitted new. */
    private function known(Suspicion $suspicion): Suspicion
    {
        $plan = $this->run->plan;
        $prior = match ($suspicion->kind) {
            FaultKind::DataMissing => $this->dataMissing($suspicion->prior),
            FaultKind::NotItsOwn => $this->isNew($plan, $suspicion->subject) ? 0.97 : $suspicion->prior,
            default => $suspicion->prior,
        };

        return $suspicion->likely($prior);
    }

    private function dataMissing(float $usual): float
    {
        $copies = array_filter($this->run->plan->steps, static fn(Step $s): bool => $s->isByProgrammer());
        if ($copies === []) {
            return $usual;
        }

        return (new DataTold($this->run))->isCopied() ? 0.005 : 0.97;
    }

    private function isNew(Plan $plan, string $part): bool
    {
        foreach ($plan->steps as $step) {
            if ($step->kind() === StepKind::AwaitPart && $step->isAbout($part)) {
                return true;
            }
        }

        return false;
    }

    /** Place of the step done last that touched it. */
    private function since(Suspicion $suspicion): int
    {
        $done = array_intersect_key($this->run->plan->steps, $this->run->state->done);
        $last = (new Touches($this->run->plan->basis->phone))->last($suspicion, array_values($done));
        if (Touches::fromTheStart($suspicion->kind)) {
            return 0;
        }

        return $last === null ? self::NOT_YET : $this->places[array_keys($done)[$last]];
    }

    /** @return list<TestSeen> what fails counts where it was tested last; what passed counts everywhere */
    private function tests(): array
    {
        $proofs = $this->run->state->proofs;
        $seen = $last = [];
        foreach ($this->run->plan->steps as $id => $step) {
            $gate = $step->act->gate?->value;
            if ($gate === null) {
                continue;
            }
            foreach ($proofs->tests[$gate] ?? [] as $function => $outcome) {
                if ($outcome === Outcome::NotPossible->value) {
                    continue;
                }
                $test = new TestSeen(
                    PhoneFunction::from($function),
                    $this->places[$id],
                    $outcome === Outcome::Pass->value,
                    $proofs->how($gate, $function),
                    $proofs->signs[$gate][$function] ?? null,
                );
                if ($test->passes) {
                    $seen[] = $test;
                }
                $last[$function] = $test;
            }
        }

        return [...$seen, ...array_values(array_filter($last, static fn(TestSeen $t): bool => !$t->passes))];
    }

    /** @return list<LookSeen> the last of each */
    private function looks(): array
    {
        $looks = [];
        $fails = array_filter(
            $this->run->tests(),
            static fn(Event $e): bool => $e->text('outcome') === Outcome::Fail->value,
        );
        $tested = max([0, ...array_map(static fn(Event $e): int => $e->at, array_values($fails))]);
        foreach ($this->run->looks() as $event) {
            $look = Look::tryFrom($event->text('look'));
            if ($look !== null) {
                $key = $look->value . ' ' . $event->text('subject');
                // What was found was put right on the spot: if a test fails after it, that was not it, or not alone.
                $there = $event->text('result') === 'found' && $event->at >= $tested;
                $looks[$key] = new LookSeen($look, $event->text('subject'), $there);
            }
        }

        return array_values($looks);
    }
}
