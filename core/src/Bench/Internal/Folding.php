<?php

declare(strict_types=1);

namespace Facelift\Bench\Internal;

use Facelift\Anatomy\Place;
use Facelift\Bench\BenchState;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Fold;
use Facelift\Bench\Happened;
use Facelift\Bench\Ledger;
use Facelift\Bench\Moisture;
use Facelift\Bench\Proofs;
use Facelift\Bench\Record;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Proof\Fault\Sign;
use Facelift\Proof\How;

/**
 * Events folded one after the other in the order of their own times, each once.
 *
 * @internal
 */
final class Folding
{
    private ?Event $last = null;
    /** @var array<string, true> */
    private array $undone = [];
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
    /** @var array<string, array<string, How>> */
    private array $how = [];
    /** @var array<string, array<string, Sign>> */
    private array $signs = [];
    /** @var list<Event> */
    private array $extraHeat = [];
    /** @var list<Event> */
    private array $rungs = [];
    /** @var array<string, array<int, true>> */
    private array $screws = [];
    /** @var array<string, Event> */
    private array $data = [];
    /** What the steps that are done come to; null until it is asked for. */
    private ?Ledger $ledger = null;

    private function __construct(private readonly Plan $plan, private Record $record) {}

    public static function of(Plan $plan, Record $record): self
    {
        $folding = new self($plan, $record);
        $folding->again();

        return $folding;
    }

    /** Goes on from what was folded before, which was everything in the record. */
    public static function from(Plan $plan, Fold $fold, Record $record): self
    {
        $folding = new self($plan, $record);
        $folding->last = $fold->last;
        $folding->undone = $fold->undone;
        $folding->done = $fold->done;
        $folding->timers = $fold->timers;
        foreach ($fold->moisture->places as $place) {
            $folding->wet[$place->value] = $place;
        }
        $folding->soaked = $fold->moisture->soaked;
        $folding->battery = $fold->battery;
        $folding->tests = $fold->proofs->tests;
        $folding->waived = $fold->proofs->waived;
        $folding->how = $fold->proofs->how;
        $folding->signs = $fold->proofs->signs;
        $folding->extraHeat = $fold->happened->extraHeat;
        $folding->rungs = $fold->happened->rungs;
        $folding->data = $fold->happened->data;
        $folding->screws = array_map(static fn(array $n): array => array_fill_keys($n, true), $fold->happened->screws);

        return $folding;
    }

    public function fold(): Fold
    {
        return new Fold(
            $this->done,
            $this->timers,
            $this->moisture(),
            $this->battery,
            new Proofs($this->tests, $this->waived, $this->how, $this->signs),
            $this->happened(),
            $this->undone,
            $this->last,
        );
    }

    public function under(Plan $plan): self
    {
        return self::of($plan, $this->record);
    }

    public function knows(string $id): bool
    {
        return $this->record->has($id);
    }

    /** The same with one event more: it is folded on if it comes last, else all are folded again. */
    public function with(Event $event): self
    {
        $next = clone $this;
        $next->record = $this->record->with($event);
        $late = $next->last !== null && !$next->last->isBefore($event);
        if ($event->type === EventType::Undo || $late && $event->type->isFolded()) {
            $next->again();
        } elseif (!$late) {
            $next->apply($event);
        }

        return $next;
    }

    /** @return list<Event> of one type that were not taken back, in order */
    public function told(EventType $type): array
    {
        $all = $this->record->told($type);

        return array_values(array_filter($all, fn(Event $e): bool => !isset($this->undone[$e->id])));
    }

    public function state(): BenchState
    {
        $ledger = $this->ledger ??= Ledger::of($this->plan, $this->done);
        $unplugged = \in_array($this->plan->power(), $ledger->off, true);

        return new BenchState(
            $this->done,
            $this->timers,
            $ledger,
            $this->moisture(),
            !$unplugged || $this->battery === true,
            new Proofs($this->tests, $this->waived, $this->how, $this->signs),
            $this->happened(),
        );
    }

    private function moisture(): Moisture
    {
        return new Moisture(array_values($this->wet), $this->soaked);
    }

    private function happened(): Happened
    {
        return new Happened($this->extraHeat, $this->rungs, array_map(array_keys(...), $this->screws), $this->data);
    }

    /** Everything from the start: an event came late, or one was taken back. */
    private function again(): void
    {
        $this->done = $this->timers = $this->wet = $this->tests = $this->waived = [];
        $this->extraHeat = $this->rungs = $this->screws = $this->undone = $this->data = $this->how = $this->signs = [];
        $this->soaked = false;
        $this->battery = $this->last = $this->ledger = null;
        $order = $this->record->all();
        foreach ($order as $event) {
            if ($event->type === EventType::Undo) {
                $this->undone[$event->text('event')] = true;
            }
        }
        foreach ($order as $event) {
            if (!isset($this->undone[$event->id])) {
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
            EventType::Test => $this->tested($event),
            EventType::GateWaived => ($this->waived[$event->text('gate')] = $event->text('reason')),
            EventType::Screw => ($this->screws[$event->step()][(int) $event->number()] = true),
            EventType::ExtraHeat => ($this->extraHeat[] = $event),
            EventType::Rung => ($this->rungs[] = $event),
            EventType::Data => ($this->data[$event->text('state')] = $event),
            // Undoing folds all again; the others are asked of the record, see EventType::isFolded.
            EventType::Undo, EventType::Trouble, EventType::Problem, EventType::Reading, EventType::Looked => null,
        };
    }

    private function tested(Event $event): void
    {
        [$gate, $function] = [$event->text('gate'), $event->text('function')];
        $this->tests[$gate][$function] = $event->text('outcome');
        unset($this->how[$gate][$function], $this->signs[$gate][$function]);
        $sign = Sign::tryFrom($event->text('sign'));
        if ($sign !== null) {
            $this->signs[$gate][$function] = $sign;
        }
        $how = How::tryFrom($event->text('how')) ?? How::OneByOne;
        if ($how !== How::OneByOne) {
            $this->how[$gate][$function] = $how;
        }
    }

    private function done(Event $event): void
    {
        if (isset($this->done[$event->step()])) {
            return;
        }
        $this->done[$event->step()] = $event;
        $this->ledger = null;
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
