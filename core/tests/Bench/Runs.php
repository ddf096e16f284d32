<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\BenchPlan;
use Facelift\Bench\BenchState;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Fold;
use Facelift\Bench\Refusal;
use Facelift\Bench\Rules;
use Facelift\Plan\PlanDocument;
use Facelift\Tests\Phones;

/** A bench for tests: a plan, its events, and the rules between them. */
final class Runs
{
    /** @var list<Event> */
    public array $events = [];
    private int $clock = 1_700_000_000_000;
    /** @var array{list<Event>, BenchState}|null */
    private ?array $folded = null;

    public function __construct(public readonly BenchPlan $plan) {}

    public static function of(string $phone, ReplacementKind $kind): self
    {
        $plan = Phones::plan($phone, $kind);
        $document = json_decode(json_encode((new PlanDocument())->write($plan), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);

        return new self(BenchPlan::of($document, $plan->request->phone->powerConnector()->id));
    }

    /** Goes on with the clock of another run. */
    public function forward(self $other): void
    {
        $this->clock = max($this->clock, $other->clock);
    }

    /** @param array<string, string|int> $data */
    public function event(EventType $type, array $data): Event
    {
        $this->clock += 1000;

        return new Event(\sprintf('e%05d', $this->clock / 1000 - 1_700_000_000), $type, $this->clock, $data);
    }

    /** @param array<string, string|int> $data */
    public function try(EventType $type, array $data): ?Refusal
    {
        return $this->arrive($this->event($type, $data));
    }

    public function arrive(Event $event): ?Refusal
    {
        $refusal = (new Rules())->check($this->plan, $this->state(), $event);
        if ($refusal === null) {
            $this->events[] = $event;
        }

        return $refusal;
    }

    /** Folded once for the events that there are: a run asks many times over. */
    public function state(): BenchState
    {
        if ($this->folded === null || $this->folded[0] !== $this->events) {
            $this->folded = [$this->events, (new Fold())->of($this->plan, $this->events)];
        }

        return $this->folded[1];
    }

    /** Works through the plan up to, not including, a step. */
    public function workUpTo(?string $until): void
    {
        foreach ($this->plan->steps as $step) {
            if ($step->id === $until) {
                return;
            }
            if (isset($this->state()->done[$step->id])) {
                continue;
            }
            foreach ($this->forStep($step->id) as $event) {
                $refusal = $this->arrive($event);
                if ($refusal !== null) {
                    throw new \LogicException($step->id . ': ' . $refusal->reason->code);
                }
            }
        }
    }

    /** @return list<Event> everything that a step takes: its clock, its tests, its confirmation */
    public function forStep(string $id): array
    {
        $step = $this->plan->steps[$id];
        $events = $step->wait > 0 ? [$this->event(EventType::TimerStarted, ['step' => $id])] : [];
        foreach ($step->gate === null ? [] : $this->plan->gates[$step->gate] as $function) {
            $events[] = $this->event(EventType::Test, ['gate' => (string) $step->gate, 'function' => $function, 'outcome' => 'pass']);
        }

        return [...$events, $this->event(EventType::StepDone, ['step' => $id])];
    }
}
