<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Bench\BenchState;
use Facelift\Bench\BenchStep;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\HeatLog;
use Facelift\Heat\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeatLogTest extends TestCase
{
    private const START = 1_700_000_000_000;

    /** @param array<string, string|int> $data */
    private static function event(EventType $type, int $s, array $data): Event
    {
        return new Event('e' . $s . json_encode($data), $type, self::START + 1000 * $s, $data);
    }

    /**
     * @param array<string, int>    $timers s from the start
     * @param array<string, int>    $done
     * @param list<array{int, string}> $extra
     * @param list<array{string, int, int}> $readings
     */
    private static function state(array $timers, array $done, array $extra = [], array $readings = []): BenchState
    {
        return new BenchState(
            array_map(static fn(int $s): Event => self::event(EventType::StepDone, $s, []), $done),
            array_map(static fn(int $s): Event => self::event(EventType::TimerStarted, $s, []), $timers),
            [],
            false,
            [],
            [],
            [],
            [],
            [],
            [],
            [],
            array_map(static fn(array $x): Event => self::event(EventType::ExtraHeat, $x[0], ['state' => $x[1]]), $extra),
            [],
            array_map(static fn(array $r): Event => self::event(EventType::Reading, $r[1], ['step' => $r[0], 'probe' => 'outer-face', 'tenths' => $r[2]]), $readings),
        );
    }

    public function testNothingBeforeTheFirstHeating(): void
    {
        self::assertNull(HeatLog::of(self::state([], []), ['heat:seal'], self::START));
    }

    public function testWhatReallyHappenedBecomesAProgramme(): void
    {
        $state = self::state(['heat:seal' => 0, 'reheat:seal' => 320], ['heat:seal' => 200, 'reheat:seal' => 380], [[400, 'on'], [430, 'off']], [['heat:seal', 120, 701], ['other', 130, 999]]);
        $log = HeatLog::of($state, ['heat:seal', 'reheat:seal'], self::START + 500_000);
        self::assertNotNull($log);
        self::assertSame([[0.0, 200.0], [320.0, 380.0], [400.0, 430.0]], $log->heats);
        self::assertFalse($log->on);
        self::assertEqualsWithDelta([120.0, 70.1], [$log->readings[0]->second, $log->readings[0]->celsius], 1e-9);
        self::assertCount(1, $log->readings);
        $spans = array_map(static fn(array $s): array => [$s[0], $s[1] !== null], $log->programme(Source::plate(85), 500)->spans);
        self::assertSame([[0.0, false], [200.0, true], [120.0, false], [60.0, true], [20.0, false], [30.0, true], [70.0, false]], $spans);
        self::assertEqualsWithDelta(500.0, $log->programme(Source::plate(85), 500)->length(), 1e-9);
        self::assertEqualsWithDelta(350.0, $log->programme(Source::plate(85), 350)->length(), 1e-9);
    }

    public function testAHeatingStillOnGoesOnAsFarAsIsLookedAhead(): void
    {
        $log = HeatLog::of(self::state(['heat:seal' => 0], []), ['heat:seal'], self::START + 60_000);
        self::assertTrue($log?->on);
        self::assertEqualsWithDelta(360.0, $log->programme(Source::plate(85), 360)->length(), 1e-9);
        self::assertSame([360.0], array_values(array_map(static fn(array $s): float => $s[0], array_filter($log->programme(Source::plate(85), 360)->spans, static fn(array $s): bool => $s[1] !== null))));
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function steps(): iterable
    {
        yield 'first heating' => ['heat', 'heat:seal', true];
        yield 'second reheat' => ['reheat', 'reheat:seal#2', true];
        yield 'a bond whose id only begins alike' => ['heat', 'heat:seal-inner', false];
        yield 'another bond' => ['heat', 'heat:back-seal', false];
        yield 'no heating' => ['cut-pass', 'cut-pass:seal', false];
    }

    #[DataProvider('steps')]
    public function testAHeatingBelongsToItsBondAlone(string $kind, string $id, bool $heats): void
    {
        self::assertSame($heats, (new BenchStep($id, 'open', $kind, [], 60, null, [], [], [], [], [], [], [], [], null, null))->heatedBond() === 'seal');
    }
}
