<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Reason;
use Facelift\Heat\Probe;
use Facelift\Heat\Rung;

/** Says whether an event may happen in a state. */
final readonly class Rules
{
    private const PLACES = ['edge', 'back', 'battery-well'];
    private const OUTCOMES = ['pass', 'fail', 'not-possible'];
    private const COUNT_REASONS = ['missing-at-check-in', 'no-hole', 'lost-and-replaced'];

    /** @return Refusal|null null if the event is accepted */
    public function check(BenchPlan $plan, BenchState $state, Event $event): ?Refusal
    {
        return match ($event->type) {
            EventType::StepDone => $this->stepDone($plan, $state, $event),
            EventType::Undo => $this->undo($plan, $state, $event),
            EventType::TimerStarted => $this->timer($plan, $state, $event),
            EventType::Wetted, EventType::Dried => \in_array($event->text('place'), self::PLACES, true) ? null : self::never('unknown-place'),
            EventType::ExtraHeat => $this->extraHeat($state, $event),
            EventType::Battery => $this->battery($event),
            EventType::Test => $this->test($plan, $event),
            EventType::GateWaived => $this->waiver($plan, $event),
            EventType::Problem => trim($event->text('text')) === '' ? self::never('reason-missing') : null,
            EventType::Screw => (new ScrewRules())->check($plan, $state, $event),
            // A trouble changes the plan: it is reported on its own, never as a bare event.
            EventType::Trouble => self::never('trouble-on-its-own'),
            EventType::Reading => $this->reading($plan, $event),
            EventType::Rung => Rung::tryFrom($event->text('rung')) === null ? self::never('unknown-rung') : ($event->text('rung') === Rung::Heat->value || $event->text('rung') === Rung::Longer->value ? $this->hot($state) : null),
        };
    }

    private function stepDone(BenchPlan $plan, BenchState $state, Event $event): ?Refusal
    {
        $step = $plan->steps[$event->text('step')] ?? null;
        if ($step === null) {
            return self::never('unknown-step');
        }
        if (isset($state->done[$step->id])) {
            return self::never('already-done');
        }
        $missing = array_values(array_diff($step->after, array_keys($state->done)));
        if ($missing !== []) {
            return self::later('waits-for', ['steps' => implode(', ', $missing)]);
        }

        return $this->safety($plan, $state, $step) ?? $this->counts($state, $step, $event) ?? $this->proven($plan, $state, $step);
    }

    private function safety(BenchPlan $plan, BenchState $state, BenchStep $step): ?Refusal
    {
        // Hot air on one flex and a panel on its separator plate leave the battery cold: only what is wet forbids them.
        $hot = $step->heatedBond() !== null ? $this->hot($state) : ($step->isHot() ? $this->dry($state) : null);
        if ($hot !== null) {
            return $hot;
        }
        $touched = [...$step->off, ...$step->on];
        $powerFirst = \in_array($plan->power, $step->off, true);
        if ($touched !== [] && !$powerFirst && !$step->passive && $state->batteryIn) {
            return self::later('battery-plugged', []);
        }

        return null;
    }

    private function counts(BenchState $state, BenchStep $step, Event $event): ?Refusal
    {
        $expected = array_sum($step->screwsOut) + array_sum($step->screwsIn);
        $reason = $event->text('reason');
        if ($reason !== '' && !\in_array($reason, self::COUNT_REASONS, true)) {
            return self::never('reason-unknown', ['known' => implode(', ', self::COUNT_REASONS)]);
        }
        $said = $event->count();
        $single = \count($state->screws[$step->id] ?? []);
        if ($said === null && $single > 0 && $single < $expected) {
            return self::later('screws-not-all', ['count' => $single, 'expected' => $expected]);
        }
        if ($said !== null && ($said < 0 || $said > $expected || ($said < $expected && $reason === ''))) {
            return self::never('count-off', ['count' => $said, 'expected' => $expected]);
        }
        if ($step->closes() && $step->screwsIn === []) {
            $left = $this->forgotten($state, $step);
            if ($left !== []) {
                return self::later('screw-missing', ['fasteners' => implode(', ', array_keys($left)), 'count' => array_sum($left)]);
            }
        }

        return null;
    }

    /**
     * Screws still on the mat although their own step in is done.
     *
     * @return array<string, int>
     */
    private function forgotten(BenchState $state, BenchStep $closing): array
    {
        $refitted = array_filter($closing->after, static fn(string $id): bool => str_starts_with($id, 'screw-in:'));
        $groups = array_map(static fn(string $id): string => substr($id, 9), $refitted);

        return array_intersect_key($state->screwsOut, array_fill_keys($groups, true));
    }

    private function proven(BenchPlan $plan, BenchState $state, BenchStep $step): ?Refusal
    {
        if ($step->gate === null) {
            return null;
        }
        $untested = $state->untested($plan, $step->gate);
        if ($untested !== []) {
            return self::later('untested', ['gate' => $step->gate, 'functions' => implode(', ', $untested)]);
        }
        $astray = $state->astray($plan);
        if ($step->gate === 'finished' && $astray !== []) {
            return self::later('not-accounted-for', ['things' => implode(', ', $astray)]);
        }

        return null;
    }

    private function undo(BenchPlan $plan, BenchState $state, Event $event): ?Refusal
    {
        $target = $event->text('event');
        if (!isset($state->known[$target])) {
            return self::later('unknown-event', ['event' => $target]);
        }
        foreach ($state->done as $stepId => $confirming) {
            if ($confirming->id === $target) {
                $needing = array_filter(array_keys($state->done), static fn(string $d): bool => \in_array($stepId, $plan->steps[$d]->after, true));

                return $needing === [] ? null : self::never('needed-by', ['steps' => implode(', ', $needing)]);
            }
        }

        return null;
    }

    private function timer(BenchPlan $plan, BenchState $state, Event $event): ?Refusal
    {
        $step = $plan->steps[$event->text('step')] ?? null;
        if ($step === null || $step->wait <= 0) {
            return self::never('no-timer');
        }
        $missing = array_values(array_diff($step->after, array_keys($state->done)));

        return $missing !== [] ? self::later('waits-for', ['steps' => implode(', ', $missing)]) : $this->safety($plan, $state, $step);
    }

    private function extraHeat(BenchState $state, Event $event): ?Refusal
    {
        if (!\in_array($event->text('state'), ['on', 'off'], true)) {
            return self::never('unknown-state');
        }

        return $event->text('state') === 'on' ? $this->hot($state) : null;
    }

    /** May anything hot come near? Not to a soaked battery, ever; not where it is wet until it is confirmed dry. */
    private function hot(BenchState $state): ?Refusal
    {
        return $state->soaked ? self::later('soaked', []) : $this->dry($state);
    }

    private function dry(BenchState $state): ?Refusal
    {
        return $state->wet === [] ? null : self::later('wet', ['places' => implode(', ', $state->wet)]);
    }

    private function reading(BenchPlan $plan, Event $event): ?Refusal
    {
        $tenths = $event->tenths();
        $known = Probe::tryFrom($event->text('probe')) !== null && isset($plan->steps[$event->text('step')]);

        return !$known || $tenths === null || $tenths < -200 || $tenths > 2500 ? self::never('unknown-reading') : null;
    }

    private function battery(Event $event): ?Refusal
    {
        return \in_array($event->text('state'), ['in', 'out'], true) ? null : self::never('unknown-state');
    }

    private function test(BenchPlan $plan, Event $event): ?Refusal
    {
        $known = \in_array($event->text('function'), $plan->gates[$event->text('gate')] ?? [], true);

        return $known && \in_array($event->text('outcome'), self::OUTCOMES, true) ? null : self::never('unknown-test');
    }

    private function waiver(BenchPlan $plan, Event $event): ?Refusal
    {
        if (!isset($plan->gates[$event->text('gate')])) {
            return self::never('unknown-test');
        }

        return mb_strlen(trim($event->text('reason'))) < 5 ? self::never('reason-missing') : null;
    }

    /** @param array<string, string|int> $figures */
    private static function never(string $code, array $figures = []): Refusal
    {
        return new Refusal(new Reason($code, $figures), false);
    }

    /** @param array<string, string|int> $figures */
    private static function later(string $code, array $figures): Refusal
    {
        return new Refusal(new Reason($code, $figures), true);
    }
}
