<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Place;
use Facelift\Bench\Internal\StepRules;
use Facelift\Document\Reason;
use Facelift\Heat\Probe;
use Facelift\Heat\Reading;
use Facelift\Heat\Rung;
use Facelift\Heat\Sticker;
use Facelift\Proof\Fault\Look;
use Facelift\Proof\Fault\Sign;
use Facelift\Proof\Gate;
use Facelift\Proof\How;
use Facelift\Proof\Outcome;

/** Says whether an event may happen as a run stands. */
final readonly class Rules
{
    /** A waiver needs a reason of so many letters at least. */
    private const LEAST_REASON = 5;

    public function __construct(private Run $run) {}

    /** @return Refusal|null null if the event is accepted */
    public function check(Event $event): ?Refusal
    {
        return match ($event->type) {
            EventType::StepDone => (new StepRules($this->run))->done($event),
            EventType::TimerStarted => (new StepRules($this->run))->timer($event),
            EventType::Undo => $this->undo($event),
            EventType::Wetted, EventType::Dried => $event->place() instanceof Place
                ? null
                : Refusal::never('unknown-place'),
            EventType::ExtraHeat => $this->extraHeat($event),
            EventType::Battery => \in_array($event->text('state'), ['in', 'out'], true)
                ? null
                : Refusal::never('unknown-state'),
            EventType::Test => $this->test($event),
            EventType::GateWaived => $this->waiver($event),
            EventType::Problem => trim($event->text('text')) === '' ? Refusal::never('reason-missing') : null,
            EventType::Screw => (new ScrewRules())->check($this->run, $event),
            // A trouble changes the plan: it is reported on its own, never as a bare event.
            EventType::Trouble => Refusal::never('trouble-on-its-own'),
            EventType::Data => $this->data($event),
            EventType::Looked => $this->looked($event),
            EventType::Reading => $this->reading($event),
            EventType::Rung => $this->rung($event),
        };
    }

    private function undo(Event $event): ?Refusal
    {
        $target = $event->text('event');
        if (!$this->run->knows($target)) {
            return Refusal::later('unknown-event', ['event' => $target]);
        }
        foreach ($this->run->state->done as $stepId => $confirming) {
            if ($confirming->id !== $target) {
                continue;
            }
            $done = array_intersect_key($this->run->plan->steps, $this->run->state->done);
            $needing = array_keys(array_filter($done, static fn($s): bool => \in_array($stepId, $s->after, true)));

            return $needing === [] ? null : Refusal::never('needed-by', ['steps' => implode(', ', $needing)]);
        }

        return null;
    }

    /** What the programmer did is told by the server alone; that nobody can read it is told by hand, with a reason. */
    private function data(Event $event): ?Refusal
    {
        return match (true) {
            DataState::tryFrom($event->text('state')) !== DataState::GivenUp => Refusal::never('data-on-its-own'),
            mb_strlen(trim($event->why())) < self::LEAST_REASON => Refusal::never('reason-missing'),
            default => null,
        };
    }

    private function extraHeat(Event $event): ?Refusal
    {
        return match ($event->text('state')) {
            'on' => (new Warming($this->run->state->moisture))->ofBattery(),
            'off' => null,
            default => Refusal::never('unknown-state'),
        };
    }

    private function reading(Event $event): ?Refusal
    {
        $tenths = $event->tenths();
        $known = Probe::tryFrom($event->text('probe')) !== null && isset($this->run->plan->steps[$event->step()]);

        $sticker = $event->text('sticker');
        $shows = $sticker === '' || Sticker::tryFrom($sticker) !== null;

        return $known && $shows && $tenths !== null && Reading::canBe($tenths)
            ? null
            : Refusal::never('unknown-reading');
    }

    private function looked(Event $event): ?Refusal
    {
        $known = Look::tryFrom($event->text('look')) !== null
            && \in_array($event->text('result'), ['found', 'not-found'], true)
            && $event->text('subject') !== '';

        return $known ? null : Refusal::never('unknown-look');
    }

    private function rung(Event $event): ?Refusal
    {
        $rung = Rung::tryFrom($event->text('rung'));

        return match (true) {
            $rung === null => Refusal::never('unknown-rung'),
            $rung->heats() => (new Warming($this->run->state->moisture))->ofBattery(),
            default => null,
        };
    }

    private function test(Event $event): ?Refusal
    {
        $gate = $this->run->plan->gates[$event->text('gate')] ?? null;
        $known = $gate !== null
            && array_filter($gate->functions, static fn($f): bool => $f->value === $event->text('function')) !== [];

        $how = $event->text('how');
        $sign = $event->text('sign');
        $said = ($how === '' || How::tryFrom($how) !== null) && ($sign === '' || Sign::tryFrom($sign) !== null);

        return $known && $said && Outcome::tryFrom($event->text('outcome')) !== null
            ? null
            : Refusal::never('unknown-test');
    }

    private function waiver(Event $event): ?Refusal
    {
        if (Gate::tryFrom($event->text('gate')) === null || !isset($this->run->plan->gates[$event->text('gate')])) {
            return Refusal::never('unknown-test');
        }

        return mb_strlen(trim($event->text('reason'))) < self::LEAST_REASON ? Refusal::never('reason-missing') : null;
    }
}
