<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as RK;
use Facelift\Bench\AfterSeal;
use Facelift\Bench\BenchTime;
use Facelift\Bench\EventType;
use Facelift\Bench\OldPart;
use Facelift\Bench\Stream;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Observation;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class AfterSealTest extends TestCase
{
    public function testItsTimesRunFromWhenTheClampsReallyCameOff(): void
    {
        $bench = Runs::of('quillon-vesper', RK::DisplayAssembly);
        $bench->workUpTo('clamp:seal');
        self::assertNull(AfterSeal::of($bench->run, 'seal')?->carried, 'not yet');
        $bench->try(EventType::TimerStarted, ['step' => 'clamp:seal']);
        $wait = (int) $bench->plan->steps['clamp:seal']->manner->wait;
        $late = clone $bench;
        $early = clone $bench;
        self::assertNull($late->try(EventType::StepDone, ['step' => 'clamp:seal'], $wait + 900));
        $hold = $bench->plan->sealing->seals['seal']->hold;
        $after = AfterSeal::of($late->run, 'seal');
        self::assertNotNull($after);
        self::assertNotNull($hold);
        $off = $late->state()->done['clamp:seal']->at;
        self::assertSame($off + (int) round(3_600_000 * $hold->light), $after->carried);
        self::assertSame($off + (int) round(3_600_000 * $hold->cure), $after->loaded);
        self::assertLessThan($off, $after->shut);
        self::assertNull($early->try(EventType::StepDone, ['step' => 'clamp:seal', 'why' => 'was wanted'], 60));
        self::assertNull(AfterSeal::of($early->run, 'seal')?->carried, 'let go too early: nothing is known');
    }

    /** Every step that was done is in the time of one phase, and no time ends before it begins. */
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryStepIsInTheTimeOfAPhase(string $id, RK $kind): void
    {
        $bench = Runs::of($id, $kind);
        self::assertSame([], BenchTime::of($bench->run));
        $bench->workUpTo(null);
        $times = BenchTime::of($bench->run);
        self::assertSame(
            \count($bench->plan->steps),
            array_sum(array_map(static fn(BenchTime $t): int => $t->done, $times)),
        );
        foreach ($times as $time) {
            self::assertGreaterThanOrEqual(0.0, $time->took());
        }
    }

    public function testWhatIsLeftOverGoesWhereItShould(): void
    {
        $bench = Runs::of('brasca-fern-5', RK::DisplayWithFrame);
        $goes = static function (Observation ...$seen) use ($bench): array {
            $works = ['image' => FunctionState::Works, 'touch' => FunctionState::Works];
            $condition = new Condition(
                array_values($seen),
                [],
                $works,
                [],
                [],
                true,
                false,
            );
            $streams = [];
            foreach (OldPart::of($bench->run, $condition) as $old) {
                $streams[$old->part->id] = $old->suggested;
            }

            return $streams;
        };
        self::assertSame(['frame' => Stream::Kept, 'display' => Stream::Salvage], $goes(Observation::CrackedGlass));
        self::assertSame(
            ['frame' => Stream::Electronics, 'display' => Stream::Electronics],
            $goes(Observation::FrameBent, Observation::Lines),
        );
    }
}
