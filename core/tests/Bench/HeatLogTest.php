<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Event;
use Facelift\Bench\EventType as T;
use Facelift\Bench\HeatLog;
use Facelift\Bench\Run;
use Facelift\Heat\HeatedSpan;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Source;
use Facelift\Heat\Span;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class HeatLogTest extends TestCase
{
    private const START = 1_700_000_000_000;

    public function testNothingBeforeTheFirstHeating(): void
    {
        self::assertNull(self::log([]));
    }

    public function testWhatReallyHappenedBecomesAProgramme(): void
    {
        $log = self::log(
            [
                [T::TimerStarted, 0, ['step' => 'heat:seal']],
                [T::Reading, 120, ['step' => 'heat:seal', 'probe' => 'outer-face', 'tenths' => 701]],
                [T::Reading, 130, ['step' => 'power-off', 'probe' => 'outer-face', 'tenths' => 999]],
                [T::StepDone, 200, ['step' => 'heat:seal']],
                [T::TimerStarted, 320, ['step' => 'reheat:seal']],
                [T::StepDone, 380, ['step' => 'reheat:seal']],
                [T::ExtraHeat, 400, ['state' => 'on']],
                [T::ExtraHeat, 430, ['state' => 'off']],
            ],
            500,
        );
        self::assertNotNull($log);
        self::assertSame(
            [[0.0, 200.0], [320.0, 380.0], [400.0, 430.0]],
            array_map(static fn(HeatedSpan $h): array => [$h->on, $h->off], $log->heats),
        );
        self::assertFalse($log->on);
        self::assertEqualsWithDelta([120.0, 70.1], [$log->readings[0]->second, $log->readings[0]->celsius], 1e-9);
        self::assertCount(1, $log->readings);
        $spans = array_map(
            static fn(Span $s): array => [$s->seconds, $s->source !== null],
            $log->programme(Source::plate(85), 500)->spans,
        );
        self::assertSame(
            [[0.0, false], [200.0, true], [120.0, false], [60.0, true], [20.0, false], [30.0, true], [70.0, false]],
            $spans,
        );
        self::assertEqualsWithDelta(500.0, $log->programme(Source::plate(85), 500)->length(), 1e-9);
        self::assertEqualsWithDelta(350.0, $log->programme(Source::plate(85), 350)->length(), 1e-9);
    }

    public function testAHeatingStillOnGoesOnAsFarAsIsLookedAhead(): void
    {
        $log = self::log([[T::TimerStarted, 0, ['step' => 'heat:seal']]], 60);
        self::assertTrue($log?->on);
        $spans = $log->programme(Source::plate(85), 360)->spans;
        self::assertSame(
            [360.0],
            array_values(
                array_map(
                    static fn(Span $s): float => $s->seconds,
                    array_filter($spans, static fn(Span $s): bool => $s->source !== null),
                ),
            ),
        );
    }

    public function testAHeatingBelongsToItsBondAlone(): void
    {
        $plan = Phones::plan('brasca-fern-5', K::DisplayAssembly);
        foreach (array_keys($plan->sealing->openings) as $bond) {
            $own = $plan->heatingsOf($bond);
            self::assertNotSame([], $own);
            foreach ($own as $id) {
                self::assertSame($bond, $plan->steps[$id]->act->move?->bond);
            }
        }
        self::assertGreaterThan(1, \count($plan->sealing->openings), 'the front and the back of it are heated');
    }

    /** @param list<array{T, int, array<string, string|int>}> $events type, s from the start, data */
    private static function log(array $events, int $now = 0): ?HeatRecord
    {
        $made = array_map(
            static fn(array $e, int $i): Event => new Event("e$i", $e[0], self::START + 1000 * $e[1], $e[2]),
            $events,
            array_keys($events),
        );

        return HeatLog::of(
            Run::of(Phones::plan('quillon-vesper', K::DisplayAssembly), $made),
            'seal',
            self::START + 1000 * $now,
        );
    }
}
