<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\Event;
use Facelift\Bench\EventType as T;
use Facelift\Bench\Run;
use Facelift\Bench\SeenReading;
use Facelift\Bench\SeenReadings;
use Facelift\Condition\Condition;
use Facelift\Heat\Curves;
use Facelift\Heat\Programme;
use Facelift\Heat\Reading;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class SeenReadingsTest extends TestCase
{
    private const START = 1_700_000_000_000;

    /** What is foreseen is what the heat planner's own curve says of that moment: the joint of plan and record. */
    public function testAReadingStandsBesideWhatThePlanForesaw(): void
    {
        $seen = self::seen([
            [T::TimerStarted, 0, ['step' => 'heat:seal']],
            [T::Reading, 100, ['step' => 'heat:seal', 'probe' => 'outer-face', 'tenths' => 701]],
            [T::Reading, 180, ['step' => 'heat:seal', 'probe' => 'edge', 'tenths' => 600]],
            [T::StepDone, 200, ['step' => 'heat:seal']],
        ]);
        self::assertSame([70.1, 60.0], array_map(static fn(SeenReading $r): float => $r->celsius, $seen));
        $plan = Phones::plan('quillon-vesper', ReplacementKind::DisplayAssembly);
        $phone = $plan->basis->phone;
        $samples = Curves::of($phone, $phone->bonds['seal'])->run(
            Programme::empty()->heat(200, $plan->basis->source),
            2.0,
        );
        foreach ([[100.0, 'outerFace'], [180.0, 'bond']] as $i => [$second, $of]) {
            $there = array_values(array_filter($samples, static fn($s): bool => $s->second === $second))[0];
            self::assertEqualsWithDelta($of === 'bond' ? $there->bond : $there->outerFace, $seen[$i]->foreseen, 0.2);
            // The later, the less its contact matters; never better than the thermometer.
            self::assertGreaterThan(Reading::ERROR, $seen[$i]->off);
            self::assertLessThan(6.0, $seen[$i]->off);
        }
    }

    public function testAStickerAndAPhoneThatWasNotHeatedSayNothing(): void
    {
        self::assertSame([], self::seen([]));
        self::assertSame([], self::seen([
            [T::TimerStarted, 0, ['step' => 'heat:seal']],
            [T::Reading, 100, [
                'step' => 'heat:seal', 'probe' => 'outer-face', 'tenths' => 650, 'sticker' => 'turned',
            ]],
            [T::StepDone, 200, ['step' => 'heat:seal']],
        ]));
    }

    /**
     * @param list<array{T, int, array<string, string|int>}> $events type, s from the start, data
     *
     * @return list<SeenReading>
     */
    private static function seen(array $events): array
    {
        $made = array_map(
            static fn(array $e, int $i): Event => new Event("e$i", $e[0], self::START + 1000 * $e[1], $e[2]),
            $events,
            array_keys($events),
        );
        $run = Run::of(Phones::plan('quillon-vesper', ReplacementKind::DisplayAssembly), $made);

        return SeenReadings::of($run, Condition::observed([]));
    }
}
