<?php

declare(strict_types=1);

namespace Facelift\Bench\Internal;

use Facelift\Anatomy\Place;
use Facelift\Bench\BenchState;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Happened;
use Facelift\Bench\Ledger;
use Facelift\Bench\Moisture;
use Facelift\Bench\Proofs;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;

/**
 * Events folded one after the other in the order of their own times, each once.
 *
 * @internal
 */
final class Folding
{
    /** @var array<string, Event> all of them by id, undone ones too */
    private array $events = [];
    private ?Event $last = null;
    /** @var array<string, Event> */
    private array $done = [];
    /** @var array<string, Event> */
    private array $timers = [];
    /** @var array<string, Place> */
    private array $wet = [];
    private bool $soaked = false;
    private ?bool $battery = null;
    /** @var array<string, array<string, string>> */
    private array $tests = [];
    /** @var array<string, string> */
    private array $waived = [];
    /** @var array<string, list<Event>> by type */
    private array $beside = [];
    /** @var array<string, array<int, true>> */
    private array $screws = [];

    public function __construct(private readonly Plan $plan) {}

    /** @param list<Event> $events in any order, repeated or not */
    public static function of(Plan $plan, array $events): self
    {
        $folding = new self($plan);
        foreach ($events as $event) {
            $folding->events[$event->id] ??= $event;
        }
        $folding->again();

        return $folding;
    }

    public function under(Plan $plan): self
    {
        return self::of($plan, array_values($this->events));
    }

    public function knows(string $id): bool
    {
        return isset($this->events[$id]);
    }

    /** The same with one event more: it is folded on if it comes last, else all are folded again. */
    public function with(Event $event): self
    {
        if ($this->knows($event->id)) {
            return $this;
        }
        $next = clone $this;
        $next->events[$event->id] = $event;
        if ($event->type === EventType::Undo || ($next->last !== null && !$next->last->isBefore($event))) {
            $next->again();
        } else {
            $next->apply($event);
        }

        return $next;
    }

    public function state(): BenchState
    {
        $ledger = Ledger::of($this->plan, $this->done);
        $unplugged = \in_array($this->plan->power(), $ledger->off, true);
        $beside = fn(EventType $type): array => $this->beside[$type->value] ?? [];

        return new BenchState(
            $this->done,
            $this->timers,
            $ledger,
            new Moisture(array_values($this->wet), $this->soaked),
            !$unplugged || $this->battery === true,
            new Proofs($this->tests, $this->waived),
            new Happened(
                $beside(EventType::Problem),
                $beside(EventType::ExtraHeat),
                $beside(EventType::Reading),
                $beside(EventType::Rung),
                array_map(array_keys(...), $this->screws),
            ),
            array_fill_keys(array_keys($this->events), true),
        );
    }

    /** Everything from the start: an event came late, or one was taken back. */
    private function again(): void
    {
        $this->done = $this->timers = $this->wet = $this->tests = $this->waived = $this->beside = $this->screws = [];
        $this->soaked = false;
        $this->battery = $this->last = null;
        $order = array_values($this->events);
        usort($order, static fn(Event $a, Event $b): int => $a->at === $b->at ? $a->id <=> $b->id : $a->at <=> $b->at);
        $undone = [];
        foreach ($order as $event) {
            if ($event->type === EventType::Undo) {
                $undone[$event->text('event')] = true;
            }
        }
        foreach ($order as $event) {
            if (!isset($undone[$event->id])) {
                $this->apply($event);
            }
            $this->last = $event;
        }
    }

    private function apply(Event $event): void
    {
        $this->last = $event;
        match ($event->type) {
            EventType::StepDone => $this->done($event),
            EventType::TimerStarted => $this->timers[$event->step()] ??= $event,
            EventType::Wetted => $this->wets($event->place()),
            EventType::Dried => $this->dries($event->place()),
            EventType::Battery => ($this->battery = $event->text('state') === 'in'),
            EventType::Test => ($this->tests[$event->text('gate')][$event->text('function')] = $event->text('outcome')),
            EventType::GateWaived => ($this->waived[$event->text('gate')] = $event->text('reason')),
            EventType::Screw => ($this->screws[$event->step()][(int) $event->number()] = true),
            EventType::Problem, EventType::ExtraHeat, EventType::Reading, EventType::Rung => ($this->beside[
                $event->type->value
            ][] = $event),
            EventType::Undo, EventType::Trouble => null,
        };
    }

    private function done(Event $event): void
    {
        if (isset($this->done[$event->step()])) {
            return;
        }
        $this->done[$event->step()] = $event;
        $step = $this->plan->steps[$event->step()] ?? null;
        if ($step instanceof Step) {
            $this->wets($step->effects->wetness->wets);
            $this->dries($step->effects->wetness->dries);
            // What was said of the battery holds until its plug is touched again.
            $touched = \in_array($this->plan->power(), $step->effects->connectors->all(), true);
            $this->battery = $touched ? null : $this->battery;
        }
    }

    private function wets(?Place $place): void
    {
        if ($place !== null) {
            $this->wet[$place->value] = $place;
            $this->soaked = $this->soaked || $place === Place::BatteryWell;
        }
    }

    private function dries(?Place $place): void
    {
        if ($place !== null) {
            unset($this->wet[$place->value]);
        }
    }
}
