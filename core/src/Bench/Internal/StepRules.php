<?php

declare(strict_types=1);

namespace Facelift\Bench\Internal;

use Facelift\Anatomy\Rests;
use Facelift\Bench\CountReason;
use Facelift\Bench\Event;
use Facelift\Bench\Refusal;
use Facelift\Bench\Run;
use Facelift\Bench\Warming;
use Facelift\Plan\BatteryRule;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;

/**
 * May a step be confirmed, or its clock be started, as a run stands?
 *
 * @internal
 */
final readonly class StepRules
{
    public function __construct(private Run $run) {}

    public function done(Event $event): ?Refusal
    {
        $step = $this->run->plan->steps[$event->step()] ?? null;
        if ($step === null) {
            return Refusal::never('unknown-step');
        }
        if ($this->run->isDone($step)) {
            return Refusal::never('already-done');
        }

        return $this->order($step)
            ?? $this->safety($step)
            ?? $this->batteryPlug($step)
            ?? $this->counts($step, $event)
            ?? $this->forgotten($step)
            ?? $this->proven($step)
            ?? $this->data($step)
            ?? (new Challenges($this->run))->to($step, $event);
    }

    public function timer(Event $event): ?Refusal
    {
        $step = $this->run->plan->steps[$event->step()] ?? null;
        if ($step === null || !$step->waits()) {
            return Refusal::never('no-timer');
        }

        return $this->order($step) ?? $this->safety($step);
    }

    private function order(Step $step): ?Refusal
    {
        $missing = array_values(array_diff($step->after, array_keys($this->run->state->done)));

        return $missing === [] ? null : Refusal::later('waits-for', ['steps' => implode(', ', $missing)]);
    }

    private function safety(Step $step): ?Refusal
    {
        $state = $this->run->state;
        $plugged = $step->manner->battery === BatteryRule::Off && $state->batteryIn;

        return (new Warming($state->moisture))->allows($step->manner->warmth)
            ?? ($plugged ? Refusal::later('battery-plugged') : null);
    }

    /** Of a phone that nobody has drawn it is asked which plug is the battery's, before one is pulled for it. */
    private function batteryPlug(Step $step): ?Refusal
    {
        $phone = $this->run->plan->basis->phone;
        $plug = $phone->powerConnector()->id;
        $asked = $step->kind() === StepKind::Unplug && \in_array($plug, $step->act->subjects, true);

        return $asked && $phone->footing->of($plug) === Rests::Assumed ? Refusal::later('which-battery-plug') : null;
    }

    private function counts(Step $step, Event $event): ?Refusal
    {
        if ($event->text('reason') !== '' && $event->countReason() === null) {
            return Refusal::never('reason-unknown', [
                'known' => implode(', ', array_column(CountReason::cases(), 'value')),
            ]);
        }
        $expected = $step->effects->screws->sum();
        $said = $event->count();
        $single = \count($this->run->state->happened->screws[$step->id] ?? []);
        if ($said === null && $single > 0 && $single < $expected) {
            return Refusal::later('screws-not-all', ['count' => $single, 'expected' => $expected]);
        }
        $fewer = $said !== null && $said >= 0 && $said < $expected && $event->countReason() !== null;
        if ($said === null || $said === $expected || $fewer) {
            return null;
        }

        return Refusal::never('count-off', ['count' => $said, 'expected' => $expected]);
    }

    /** Nothing is shut over screws that lie on the mat although their own step in is done. */
    private function forgotten(Step $step): ?Refusal
    {
        if (!$step->kind()->closes() || $step->effects->screws->in !== []) {
            return null;
        }
        $refitted = [];
        foreach ($step->after as $id) {
            $before = $this->run->plan->steps[$id] ?? null;
            $refitted += $before?->kind() === StepKind::ScrewIn ? $before->effects->screws->in : [];
        }
        $left = array_intersect_key($this->run->state->ledger->screws, $refitted);

        return $left === []
            ? null
            : Refusal::later('screw-missing', [
                'fasteners' => implode(', ', array_keys($left)),
                'count' => array_sum($left),
            ]);
    }

    /** The old display is not given away, nor its data taken for written, before that has happened. */
    private function data(Step $step): ?Refusal
    {
        $happened = $this->run->state->happened;

        return match ($step->isByProgrammer() ? $step->kind() : null) {
            StepKind::ReadMemory => $happened->oldMayGo() ? null : Refusal::later('data-not-kept'),
            StepKind::WriteMemory => $happened->dataIsDone() ? null : Refusal::later('data-not-written'),
            default => null,
        };
    }

    private function proven(Step $step): ?Refusal
    {
        $gate = $step->act->gate;
        if ($gate === null) {
            return null;
        }
        $untested = $this->run->untested($gate);
        if ($untested !== []) {
            return Refusal::later('untested', ['gate' => $gate->value, 'functions' => implode(', ', $untested)]);
        }
        $astray = $gate === Gate::Finished ? $this->run->astray() : [];

        return $astray === [] ? null : Refusal::later('not-accounted-for', ['things' => implode(', ', $astray)]);
    }
}
