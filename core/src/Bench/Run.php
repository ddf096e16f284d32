<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Bench\Internal\Folding;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;

/** A plan, what has happened, and where it stands: folded once, and on from there with every event. */
final readonly class Run
{
    public BenchState $state;

    private function __construct(public Plan $plan, private Folding $folding)
    {
        $this->state = $folding->state();
    }

    /** @param list<Event> $events in any order; the same one twice counts once */
    public static function of(Plan $plan, array $events): self
    {
        return self::on($plan, Listed::of($events));
    }

    /** Everything in the record folded. */
    public static function on(Plan $plan, Record $record): self
    {
        return new self($plan, Folding::of($plan, $record));
    }

    /** From what was folded before, under this plan and of everything that is in the record: nothing is folded. */
    public static function from(Plan $plan, Fold $fold, Record $record): self
    {
        return new self($plan, Folding::from($plan, $fold, $record));
    }

    /** What this run comes to, to be kept. */
    public function fold(): Fold
    {
        return $this->folding->fold();
    }

    public function with(Event $event): self
    {
        return $this->knows($event->id) ? $this : new self($this->plan, $this->folding->with($event));
    }

    /** The same events under another plan: one that was written anew from here. */
    public function under(Plan $plan): self
    {
        return new self($plan, $this->folding->under($plan));
    }

    public function knows(string $event): bool
    {
        return $this->folding->knows($event);
    }

    /** @return list<Event> what went wrong, as it was reported */
    public function troubles(): array
    {
        return $this->folding->told(EventType::Trouble);
    }

    /** @return list<Event> what was noted, in order */
    public function problems(): array
    {
        return $this->folding->told(EventType::Problem);
    }

    /** @return list<Event> looks for what is behind a failed test, in order */
    public function looks(): array
    {
        return $this->folding->told(EventType::Looked);
    }

    /** @return list<Event> tests, in order */
    public function tests(): array
    {
        return $this->folding->told(EventType::Test);
    }

    /** @return list<Event> temperatures read, in order */
    public function readings(): array
    {
        return $this->folding->told(EventType::Reading);
    }

    /** @return Refusal|null null if the rules accept it now */
    public function refusal(Event $event): ?Refusal
    {
        return (new Rules($this))->check($event);
    }

    /** The first step of the plan that is not done; null when all are. */
    public function next(): ?Step
    {
        foreach ($this->plan->steps as $id => $step) {
            if (!isset($this->state->done[$id])) {
                return $step;
            }
        }

        return null;
    }

    public function isDone(Step $step): bool
    {
        return isset($this->state->done[$step->id]);
    }

    /** @return array<string, int> when each running clock was started, ms since 1970, by step */
    public function clocks(): array
    {
        $running = array_diff_key($this->state->timers, $this->state->done);

        return array_map(static fn(Event $e): int => $e->at, array_intersect_key($running, $this->plan->steps));
    }

    /** @return Waited|null how long a step with a clock took; null if its clock was never started, or it has none */
    public function waited(Step $step): ?Waited
    {
        $from = $this->state->timers[$step->id] ?? null;
        $to = $this->state->done[$step->id] ?? null;
        if (!$step->waits() || $from === null) {
            return null;
        }

        return new Waited($from->at, $to?->at, $step->manner->wait, $to?->why() ?? '');
    }

    /**
     * @return list<array{Step, Waited}> steps whose clock had to run out and did not: they ended early, or without a
     *     clock
     */
    public function endedEarly(): array
    {
        $early = [];
        foreach (array_intersect_key($this->plan->steps, $this->state->done) as $id => $step) {
            $done = $this->state->done[$id];
            $waited = $this->waited($step) ?? new Waited($done->at, $done->at, $step->manner->wait, $done->why());
            if ($step->waits() && $step->kind()->mustRun() && $waited->early()) {
                $early[] = [$step, $waited];
            }
        }

        return $early;
    }

    /** @return list<array{Step, string}> seals that were cut and not renewed, with what was said why */
    public function notRenewed(): array
    {
        $left = [];
        foreach (array_intersect_key($this->plan->steps, $this->state->done) as $id => $step) {
            if ($step->kind() === StepKind::LaySeal && $this->state->done[$id]->saysNotRenewed()) {
                $left[] = [$step, $this->state->done[$id]->why()];
            }
        }

        return $left;
    }

    /** The clamping of a bond; null if it is pressed by hand only. */
    public function clampOf(string $bond): ?Step
    {
        foreach ($this->plan->steps as $step) {
            if ($step->kind() === StepKind::Clamp && $step->isAbout($bond)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<string> functions of a gate without an outcome; none if it was waived */
    public function untested(Gate $gate): array
    {
        $functions = array_map(static fn($f): string => $f->value, $this->plan->gates[$gate->value]->functions ?? []);

        return $this->state->proofs->untested($gate->value, $functions);
    }

    /** @return list<string> what is not where it belongs */
    public function astray(): array
    {
        return $this->state->ledger->astray($this->plan);
    }

    /** True once the new part lies in its adhesive. */
    public function isGlued(): bool
    {
        return array_filter(
            array_intersect_key($this->plan->steps, $this->state->done),
            static fn(Step $s): bool => $s->kind()->glues(),
        ) !== [];
    }
}
