<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\EventType as T;
use PHPUnit\Framework\TestCase;

final class RulesTest extends TestCase
{
    public function testAStepWaitsForWhatBlocksIt(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $refusal = $bench->try(T::StepDone, ['step' => 'unplug:battery-plug']);
        self::assertSame(['waits-for', true], [$refusal?->reason->code, $refusal?->mayPass()]);
        self::assertSame('unknown-step', $bench->try(T::StepDone, ['step' => 'dance'])?->reason->code);
    }

    public function testNoOtherConnectorWhileTheBatteryIsIn(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('unplug:display-plug');
        self::assertNull($bench->try(T::Battery, ['state' => 'in']));
        self::assertSame('battery-plugged', $bench->try(T::StepDone, ['step' => 'unplug:display-plug'])?->reason->code);
        self::assertNull($bench->try(T::Battery, ['state' => 'out']));
        self::assertNull($bench->try(T::StepDone, ['step' => 'unplug:display-plug']));
    }

    public function testNoHeatWhereAlcoholIsWet(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('reheat:seal');
        $bench->try(T::Wetted, ['place' => 'edge']);
        self::assertSame('wet', $bench->try(T::TimerStarted, ['step' => 'reheat:seal'])?->reason->code);
        self::assertSame('wet', $bench->try(T::ExtraHeat, ['state' => 'on'])?->reason->code);
        $bench->try(T::Dried, ['place' => 'edge']);
        self::assertNull($bench->try(T::TimerStarted, ['step' => 'reheat:seal']));
    }

    public function testNoHotAirOnAFlexWhileSomethingIsWetAndNoMatterTheBattery(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('part-bond:sensor-glue');
        $bench->try(T::Wetted, ['place' => 'battery-well']);
        self::assertSame('wet', $bench->try(T::StepDone, ['step' => 'part-bond:sensor-glue'])?->reason->code);
        $bench->try(T::Dried, ['place' => 'battery-well']);
        self::assertNull(
            $bench->try(T::StepDone, ['step' => 'part-bond:sensor-glue']),
            'it does not heat the battery, however soaked that is',
        );
    }

    public function testNoWarmPlateForTheGlassWhileSomethingIsWet(): void
    {
        $bench = Runs::of('quillon-vesper', K::GlassOnly);
        $bench->workUpTo('part-glass:display');
        $bench->try(T::Wetted, ['place' => 'edge']);
        self::assertSame('wet', $bench->try(T::StepDone, ['step' => 'part-glass:display'])?->reason->code);
    }

    public function testASoakedBatteryGetsNoMoreHeatAtAll(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('reheat:seal');
        $bench->try(T::Wetted, ['place' => 'battery-well']);
        $bench->try(T::Dried, ['place' => 'battery-well']);
        self::assertSame([], $bench->state()->moisture->places);
        foreach (
            [
                [T::TimerStarted, ['step' => 'reheat:seal']],
                [T::ExtraHeat, ['state' => 'on']],
                [T::Rung, ['rung' => 'longer']],
            ] as [$type, $data]
        ) {
            self::assertSame('soaked', $bench->try($type, $data)?->reason->code, $type->value);
        }
        self::assertNull($bench->try(T::ExtraHeat, ['state' => 'off']), 'taking heat away is always allowed');
        self::assertNull($bench->try(T::Rung, ['rung' => 'thin-metal']));
    }

    public function testAReadingNeedsAPlaceAStepAndATemperature(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        self::assertNull($bench->try(T::Reading, ['step' => 'heat:seal', 'probe' => 'outer-face', 'tenths' => 701]));
        self::assertCount(1, $bench->run->readings());
        foreach (
            [
                ['probe' => 'nose', 'step' => 'heat:seal', 'tenths' => 701],
                ['probe' => 'edge', 'step' => 'nothing', 'tenths' => 701],
                ['probe' => 'edge', 'step' => 'heat:seal'],
                ['probe' => 'edge', 'step' => 'heat:seal', 'tenths' => 9999],
            ] as $data
        ) {
            self::assertSame('unknown-reading', $bench->try(T::Reading, $data)?->reason->code);
        }
        self::assertSame('unknown-rung', $bench->try(T::Rung, ['rung' => 'hammer'])?->reason->code);
    }

    public function testNotClosedWithAScrewMissingFromTheMat(): void
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
        $bench->workUpTo('screw-in:upper-screws');
        self::assertSame(
            'count-off',
            $bench->try(T::StepDone, ['step' => 'screw-in:upper-screws', 'count' => 8])?->reason->code,
        );
        self::assertSame(
            'reason-unknown',
            $bench->try(T::StepDone, ['step' => 'screw-in:upper-screws', 'count' => 8, 'reason' => 'rolled away'])
                ?->reason->code,
        );
        self::assertNull(
            $bench->try(T::StepDone, ['step' => 'screw-in:upper-screws', 'count' => 8, 'reason' => 'no-hole']),
        );
        self::assertArrayNotHasKey('upper-screws', $bench->state()->ledger->screws);
    }

    public function testABackIsNotLaidShutOverAScrewThatIsStillOnTheMat(): void
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
        $bench->workUpTo('screw-in:upper-screws');
        // Nine came out; to say that one was missing at check-in does not account for it.
        $short = $bench->event(T::StepDone, [
            'step' => 'screw-in:upper-screws',
            'count' => 8,
            'reason' => 'missing-at-check-in',
        ]);
        self::assertNull($bench->arrive($short));
        self::assertSame(['upper-screws' => 1], $bench->state()->ledger->screws);
        foreach (array_keys($bench->plan->steps) as $id) {
            if ($id === 'close-bond:back-seal') {
                break;
            }
            if (!isset($bench->state()->done[$id])) {
                foreach ($bench->forStep($id) as $event) {
                    self::assertNull($bench->arrive($event), $id);
                }
            }
        }
        $refusal = $bench->try(T::StepDone, ['step' => 'close-bond:back-seal']);
        self::assertSame(['screw-missing', 1], [$refusal?->reason->code, $refusal?->reason->figures['count'] ?? null]);
    }

    public function testAScrewThatWasMissingAtCheckInIsNotAskedForAgain(): void
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
        $bench->workUpTo('unscrew:upper-screws');
        self::assertNull(
            $bench->try(T::StepDone, [
                'step' => 'unscrew:upper-screws',
                'count' => 8,
                'reason' => 'missing-at-check-in',
            ]),
        );
        self::assertSame(8, $bench->state()->ledger->screws['upper-screws']);
    }

    public function testAGateIsNotPassedUntested(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('gate:trial');
        self::assertSame('untested', $bench->try(T::StepDone, ['step' => 'gate:trial'])?->reason->code);
        self::assertSame(
            'reason-missing',
            $bench->try(T::GateWaived, ['gate' => 'trial', 'reason' => ' no '])?->reason->code,
        );
        self::assertNull($bench->try(T::GateWaived, ['gate' => 'trial', 'reason' => 'programmer in use, tested dry']));
        self::assertNull($bench->try(T::StepDone, ['step' => 'gate:trial']));
    }

    public function testOnlyWhatIsOnTheListIsTested(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        self::assertSame(
            'unknown-test',
            $bench->try(T::Test, ['gate' => 'trial', 'function' => 'wifi', 'outcome' => 'pass'])?->reason->code,
        );
        self::assertSame(
            'unknown-test',
            $bench->try(T::Test, ['gate' => 'trial', 'function' => 'image', 'outcome' => 'fine'])?->reason->code,
        );
    }

    public function testUndoTakesBackTheLastAndNotWhatOthersStandOn(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('first-gap:seal');
        $done = $bench->state()->done;
        self::assertSame('needed-by', $bench->try(T::Undo, ['event' => $done['power-off']->id])?->reason->code);
        self::assertSame('unknown-event', $bench->try(T::Undo, ['event' => 'nobody'])?->reason->code);
        self::assertNull($bench->try(T::Undo, ['event' => $done['heat:seal']->id]));
        self::assertSame('heat:seal', $bench->next());
    }

    public function testAClockOnlyWhereSomethingIsWaitedFor(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        self::assertSame('no-timer', $bench->try(T::TimerStarted, ['step' => 'power-off'])?->reason->code);
        self::assertSame('waits-for', $bench->try(T::TimerStarted, ['step' => 'heat:seal'])?->reason->code);
        $bench->workUpTo('heat:seal');
        self::assertNull($bench->try(T::TimerStarted, ['step' => 'heat:seal']));
        self::assertArrayHasKey('heat:seal', $bench->state()->timers);
    }
}
