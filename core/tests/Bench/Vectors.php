<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Event;
use Facelift\Bench\EventType as T;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Step;

/** Runs that both the server and the page have to fold to the same state; kept in contract/runs. */
final class Vectors
{
    /** @return iterable<string, array{string, K, list<Event>}> */
    public static function made(): iterable
    {
        yield 'screws-missing-and-lost' => ['brasca-fern-5', K::DisplayAssembly, self::screws()];
        yield 'wet-dry-and-undone' => ['brasca-fern-3', K::DisplayWithFrame, self::wet()];
        yield 'tested-waived-and-reheated' => ['quillon-vesper', K::DisplayAssembly, self::tested()];
    }

    /**
     * Only what a run is folded by is kept of the plan: ids, waits, gates and effects.
     *
     * @param list<Event>               $events
     * @param list<array<string, mixed>> $states
     */
    public static function json(
        string $phone,
        K $kind,
        Plan $plan,
        array $events,
        array $states,
    ): string {
        return json_encode(
            [
                'phone' => $phone,
                'kind' => $kind->value,
                'power' => $plan->power(),
                'steps' => self::steps($plan),
                'events' => array_map(
                    static fn(Event $e): array => [
                        'id' => $e->id,
                        'type' => $e->type->value,
                        'at' => $e->at,
                        'data' => (object) $e->data,
                    ],
                    $events,
                ),
                'states' => $states,
            ],
            \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE,
        ) . "\n";
    }

    /** @return list<array<string, mixed>> */
    public static function steps(Plan $plan): array
    {
        $written = (new PlanDocument())->write($plan)['steps'];
        \assert(\is_array($written));

        return array_values(array_map(static function (mixed $step): array {
            \assert(\is_array($step));

            return array_intersect_key($step, ['id' => 0, 'wait' => 0, 'effects' => 0]);
        }, $written));
    }

    /** @return list<Event> */
    private static function screws(): array
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
        foreach ($bench->plan->steps as $id => $step) {
            if ($step->effects->screws->in !== [] && \count($bench->events) > 0) {
                $short = $bench->event(T::StepDone, [
                    'step' => $id,
                    'count' => max(0, $step->effects->screws->sum() - 1),
                    'reason' => $id === 'screw-in:upper-screws' ? 'lost-and-replaced' : 'missing-at-check-in',
                ]);
                $bench->arrive($short);
                continue;
            }
            if ($id === 'unscrew:lower-screws') {
                $bench->try(T::Screw, ['step' => $id, 'number' => self::first($bench->plan, 'lower-screws')]);
                $bench->try(T::StepDone, ['step' => $id, 'count' => 6, 'reason' => 'missing-at-check-in']);
                continue;
            }
            if ($step->kind()->closes() && isset($bench->state()->done['screw-in:lower-screws'])) {
                break;
            }
            array_map($bench->arrive(...), $bench->forStep($id));
        }

        return $bench->events;
    }

    private static function first(Plan $plan, string $group): int
    {
        foreach ($plan->mat->places as $place) {
            if ($place->fastener === $group) {
                return $place->number;
            }
        }

        return 0;
    }

    /** @return list<Event> */
    private static function wet(): array
    {
        $bench = Runs::of('brasca-fern-3', K::DisplayWithFrame);
        $glue = array_values(
            array_filter($bench->plan->steps, static fn(Step $s): bool => $s->effects->wetness->wets !== null),
        )[0];
        $bench->workUpTo($glue->id);
        $bench->try(T::Wetted, ['place' => 'back']);
        $bench->try(T::Dried, ['place' => 'back']);
        $bench->try(T::Battery, ['state' => 'in']);
        $bench->try(T::Battery, ['state' => 'out']);
        array_map($bench->arrive(...), $bench->forStep($glue->id));
        $bench->try(T::Wetted, ['place' => 'edge']);
        $next = (string) $bench->next();
        array_map($bench->arrive(...), $bench->forStep($next));
        $done = $bench->state()->done[$next] ?? null;
        $bench->try(T::Undo, ['event' => $done->id ?? '']);

        return $bench->events;
    }

    /** @return list<Event> */
    private static function tested(): array
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('cut-pass:seal');
        $bench->try(T::ExtraHeat, ['state' => 'on']);
        $bench->try(T::ExtraHeat, ['state' => 'off'], 40);
        $bench->try(T::Reading, ['step' => 'heat:seal', 'probe' => 'outer-face', 'tenths' => 701]);
        $bench->try(T::Rung, ['rung' => 'longer']);
        $bench->try(T::Problem, ['text' => 'a corner holds']);
        $bench->try(T::Data, ['state' => 'given-up', 'why' => 'no contact after three tries']);
        $bench->workUpTo('gate:trial');
        $bench->try(T::Test, ['gate' => 'trial', 'function' => 'image', 'outcome' => 'fail']);
        $bench->try(T::Looked, ['look' => 'reseat', 'subject' => 'display-plug', 'result' => 'found']);
        $bench->try(T::Test, ['gate' => 'trial', 'function' => 'image', 'outcome' => 'pass']);
        $bench->try(T::GateWaived, ['gate' => 'trial', 'reason' => 'tested dry instead']);
        $bench->try(T::StepDone, ['step' => 'gate:trial']);

        return $bench->events;
    }
}
