<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\BenchState;
use Facelift\Bench\DataState;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Refusal;
use Facelift\Bench\Run;
use Facelift\Plan\Plan;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;

/** A bench for tests: a run, and a clock that goes on with what is done. */
final class Runs
{
    /** @var list<Event> */
    public array $events = [];
    public Run $run;
    private int $clock = 1_700_000_000_000;

    public function __construct(public readonly Plan $plan)
    {
        $this->run = Run::of($plan, []);
    }

    public static function of(string $phone, ReplacementKind $kind): self
    {
        return new self(Phones::plan($phone, $kind));
    }

    /** The same bench under another plan: one that was written anew from here. */
    public function under(Plan $plan): self
    {
        $other = new self($plan);
        $other->events = $this->events;
        $other->run = $this->run->under($plan);
        $other->clock = $this->clock;

        return $other;
    }

    /** @param array<string, string|int> $data */
    public function event(EventType $type, array $data, int $seconds = 1): Event
    {
        $this->clock += 1000 * $seconds;

        return new Event(\sprintf('e%07d', $this->clock / 1000 - 1_700_000_000), $type, $this->clock, $data);
    }

    /** @param array<string, string|int> $data */
    public function try(EventType $type, array $data, int $seconds = 1): ?Refusal
    {
        return $this->arrive($this->event($type, $data, $seconds));
    }

    public function arrive(Event $event): ?Refusal
    {
        // What the programmer did is told by the server, not asked of the rules.
        $refusal = $event->type === EventType::Data && $event->text('state') !== DataState::GivenUp->value
            ? null
            : $this->run->refusal($event);
        if ($refusal === null) {
            $this->events[] = $event;
            $this->run = $this->run->with($event);
        }

        return $refusal;
    }

    /**
     * What the server keeps on its own, without asking the rules.
     *
     * @param array<string, string|int> $data
     */
    public function tell(EventType $type, array $data): void
    {
        $event = $this->event($type, $data);
        $this->events[] = $event;
        $this->run = $this->run->with($event);
    }

    public function state(): BenchState
    {
        return $this->run->state;
    }

    /** Id of the next step; null when all are done. */
    public function next(): ?string
    {
        return $this->run->next()?->id;
    }

    /** Works through the plan up to, not including, a step. */
    public function workUpTo(?string $until): void
    {
        foreach ($this->plan->steps as $id => $step) {
            if ($id === $until) {
                return;
            }
            if ($this->run->isDone($step)) {
                continue;
            }
            foreach ($this->forStep($id) as $event) {
                $refusal = $this->arrive($event);
                if ($refusal !== null) {
                    throw new \LogicException($id . ': ' . $refusal->reason->code);
                }
            }
        }
    }

    /**
     * @return list<Event> everything that a step takes, in the time that is planned for it: its clock run out, its
     *     tests, its confirmation
     */
    public function forStep(string $id): array
    {
        $step = $this->plan->steps[$id];
        $hands = (int) max(1, $step->manner->hands);
        $events = $step->waits() ? [$this->event(EventType::TimerStarted, ['step' => $id], $hands)] : [];
        $gate = $step->act->gate?->value;
        foreach ($gate === null ? [] : $this->plan->gates[$gate]->functions as $function) {
            $events[] = $this->event(EventType::Test, [
                'gate' => (string) $gate,
                'function' => $function->value,
                'outcome' => 'pass',
            ]);
        }

        if ($step->isByProgrammer()) {
            $events[] = $this->event(EventType::Data, $step->kind() === StepKind::ReadMemory
                ? ['state' => DataState::Kept->value]
                : ['state' => DataState::Ended->value, 'ending' => 'copied']);
        }

        return [
            ...$events,
            $this->event(EventType::StepDone, ['step' => $id], $step->waits() ? (int) $step->manner->wait : $hands),
        ];
    }
}
