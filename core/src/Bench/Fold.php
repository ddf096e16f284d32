<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** Folds events into a state. Order of arrival and repetition do not matter: events count once, in the order of their own times. */
final readonly class Fold
{
    /** @param list<Event> $events */
    public function of(BenchPlan $plan, array $events): BenchState
    {
        $known = [];
        foreach ($events as $event) {
            $known[$event->id] = $event;
        }
        usort($known, static fn(Event $a, Event $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $undone = [];
        foreach ($known as $event) {
            if ($event->type === EventType::Undo) {
                $undone[$event->text('event')] = true;
            }
        }
        $live = array_values(array_filter($known, static fn(Event $e): bool => $e->type !== EventType::Undo && !isset($undone[$e->id])));
        $done = self::byStep($live, EventType::StepDone);
        $steps = array_values(array_intersect_key($plan->steps, $done));
        $off = self::net(array_merge(...array_column($steps, 'off')), array_merge(...array_column($steps, 'on')));

        return new BenchState(
            $done,
            self::byStep($live, EventType::TimerStarted),
            self::wet($plan, $live),
            self::batteryIn($live, isset($off[$plan->power])),
            self::screws($steps, $done),
            array_keys($off),
            array_keys(self::net(array_merge(...array_column($steps, 'out')), array_merge(...array_column($steps, 'in')))),
            self::net(array_merge(...array_column($steps, 'puts')), array_merge(...array_column($steps, 'takes'))),
            self::tests($live),
            self::waived($live),
            array_values(array_filter($live, static fn(Event $e): bool => $e->type === EventType::Problem)),
            array_values(array_filter($live, static fn(Event $e): bool => $e->type === EventType::ExtraHeat)),
            array_fill_keys(array_map(static fn(Event $e): string => $e->id, $known), true),
            array_values(array_filter($live, static fn(Event $e): bool => $e->type === EventType::Reading)),
            array_values(array_filter($live, static fn(Event $e): bool => $e->type === EventType::Rung)),
            self::soaked($plan, $live),
            self::single($live),
        );
    }

    /**
     * @param list<Event> $events
     *
     * @return array<string, Event> the first of each step
     */
    private static function byStep(array $events, EventType $type): array
    {
        $out = [];
        foreach ($events as $event) {
            if ($event->type === $type) {
                $out[$event->text('step')] ??= $event;
            }
        }

        return $out;
    }

    /**
     * @param list<string> $plus
     * @param list<string> $minus
     *
     * @return array<string, int>
     */
    private static function net(array $plus, array $minus): array
    {
        $net = array_count_values($plus);
        foreach (array_count_values($minus) as $id => $count) {
            $net[$id] = ($net[$id] ?? 0) - $count;
        }

        return array_filter($net, static fn(int $n): bool => $n > 0);
    }

    /**
     * A confirmation may say that fewer screws than planned came out or went in.
     *
     * @param list<BenchStep>      $steps
     * @param array<string, Event> $done
     *
     * @return array<string, int>
     */
    private static function screws(array $steps, array $done): array
    {
        $out = [];
        foreach ($steps as $step) {
            $event = $done[$step->id];
            foreach ($step->screwsOut as $id => $count) {
                $out[$id] = ($out[$id] ?? 0) + ($event->count() ?? $count);
            }
            foreach ($step->screwsIn as $id => $count) {
                // No hole, or lost and replaced: the rest is accounted for. Any other shortfall lies on the mat still.
                $all = $event->count() === null || \in_array($event->text('reason'), ['no-hole', 'lost-and-replaced'], true);
                $out[$id] = ($out[$id] ?? 0) - ($all ? $out[$id] ?? $count : (int) $event->count());
            }
        }

        return array_filter($out, static fn(int $n): bool => $n > 0);
    }

    /**
     * @param list<Event> $events
     *
     * @return list<string>
     */
    private static function wet(BenchPlan $plan, array $events): array
    {
        $wet = [];
        foreach ($events as $event) {
            $step = $event->type === EventType::StepDone ? $plan->steps[$event->text('step')] ?? null : null;
            $wets = $event->type === EventType::Wetted ? $event->text('place') : $step?->wets;
            $dries = $event->type === EventType::Dried ? $event->text('place') : $step?->dries;
            if ($wets !== null) {
                $wet[$wets] = true;
            }
            if ($dries !== null) {
                unset($wet[$dries]);
            }
        }

        return array_keys($wet);
    }

    /**
     * @param list<Event> $events
     *
     * @return array<string, list<int>>
     */
    private static function single(array $events): array
    {
        $out = [];
        foreach ($events as $event) {
            if ($event->type === EventType::Screw) {
                $out[$event->text('step')][(int) $event->number()] = true;
            }
        }

        return array_map(array_keys(...), $out);
    }

    /** @param list<Event> $events */
    private static function soaked(BenchPlan $plan, array $events): bool
    {
        return array_filter($events, static fn(Event $e): bool => ($e->type === EventType::Wetted ? $e->text('place') : ($e->type === EventType::StepDone ? $plan->steps[$e->text('step')]->wets ?? null : null)) === 'battery-well') !== [];
    }

    /** @param list<Event> $events */
    private static function batteryIn(array $events, bool $unplugged): bool
    {
        $look = array_filter($events, static fn(Event $e): bool => $e->type === EventType::Battery);
        $last = end($look);

        return !$unplugged || ($last !== false && $last->text('state') === 'in');
    }

    /**
     * @param list<Event> $events
     *
     * @return array<string, array<string, string>>
     */
    private static function tests(array $events): array
    {
        $tests = [];
        foreach ($events as $event) {
            if ($event->type === EventType::Test) {
                $tests[$event->text('gate')][$event->text('function')] = $event->text('outcome');
            }
        }
        ksort($tests);
        foreach ($tests as $gate => $outcomes) {
            ksort($outcomes);
            $tests[$gate] = $outcomes;
        }

        return $tests;
    }

    /**
     * @param list<Event> $events
     *
     * @return array<string, string>
     */
    private static function waived(array $events): array
    {
        $waived = [];
        foreach ($events as $event) {
            if ($event->type === EventType::GateWaived) {
                $waived[$event->text('gate')] = $event->text('reason');
            }
        }

        return $waived;
    }
}
