<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Anatomy\Tool;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\Consequence;
use Facelift\Bench\EventType as T;
use Facelift\Condition\Condition;
use Facelift\Fit\DataWay;
use Facelift\Heat\Source;
use Facelift\Plan\Hazard;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Planner;
use Facelift\Plan\PlanReader;
use Facelift\Plan\Request;
use Facelift\Plan\School;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind as S;
use Facelift\Plan\Warmth;
use Facelift\Tests\Bench\Runs;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** The old chip on to the new display: only if it was chosen, after the data is kept, and with a way back. */
final class ChipStepsTest extends TestCase
{
    private const WORK = [S::ChipOff, S::ChipLift, S::ChipBalls, S::ChipSet, S::ChipCool, S::ChipCure];

    public function testItIsInThePlanOnlyIfChosen(): void
    {
        foreach ([null, DataWay::Copy, DataWay::Leave, DataWay::Own] as $way) {
            self::assertSame([], self::chip(self::plan($way)));
        }
        self::assertSame(self::WORK, self::chip(self::plan(DataWay::Chip)));
        $larch = self::plan(DataWay::Chip, 'brasca-larch', K::DisplayWithFrame);
        self::assertSame([], self::chip($larch), 'nothing is known of its chip');
        self::assertSame([], self::chip(self::plan(DataWay::Chip, kind: K::GlassOnly)), 'the panel stays');
    }

    public function testTheDataIsKeptFirstAndTheChipIsOnBeforeAnythingIsTested(): void
    {
        $kinds = array_map(static fn(Step $s): S => $s->kind(), array_values(self::plan(DataWay::Chip)->steps));
        $at = static fn(S $kind): int => (int) array_search($kind, $kinds, true);
        self::assertLessThan($at(S::ChipOff), $at(S::ReadMemory));
        self::assertLessThan($at(S::FitNew), $at(S::ChipCure));
        self::assertNotContains(S::WriteMemory, $kinds, 'the data comes with the chip');
    }

    public function testHotAirIsWarnedOfAndTheMillIsNot(): void
    {
        foreach (self::plan(DataWay::Chip)->steps as $step) {
            if (\in_array($step->kind(), [S::ChipLift, S::ChipSet], true)) {
                self::assertSame(Tool::HotAir, $step->manner->tool);
                foreach ([Hazard::Fumes, Hazard::HotAir, Hazard::NoFlameIpa, Hazard::HeatBeside] as $hazard) {
                    self::assertContains($hazard, $step->manner->hazards);
                }
                self::assertGreaterThan(0, $step->act->figures['seconds']);
                self::assertSame(Warmth::Beside, $step->manner->warmth, 'never where alcohol is wet');
                self::assertLessThanOrEqual($step->act->figures['most'], $step->act->figures['seconds']);
            }
            if ($step->kind() === S::ChipOff) {
                self::assertSame(Tool::ChipMill, $step->manner->tool);
                self::assertContains(Hazard::Dust, $step->manner->hazards);
            }
        }
    }

    public function testItIsWrittenAndReadBack(): void
    {
        $plan = self::plan(DataWay::Chip);
        $written = (new PlanDocument())->write($plan);
        $back = (new PlanReader())->read(json_decode((new PlanDocument())->json($plan), true), $plan->basis->phone);
        self::assertEquals($written, (new PlanDocument())->write($back));
    }

    /** It fails while it is set: the old chip goes back, its data is read, and the next display gets a copy. */
    public function testTheWayBack(): void
    {
        $bench = new Runs(self::plan(DataWay::Chip));
        $bench->workUpTo('chip-set:display');
        $consequence = self::failed($bench, 'chip-set:display');
        self::assertTrue($consequence->quote);
        $plan = (new Amendment($bench->run))->of($consequence);
        $after = $bench->under($plan);
        self::assertSame('chip-back:display', $after->next());
        $left = array_values(array_filter(
            $plan->steps,
            static fn(Step $s): bool => !$after->run->isDone($s),
        ));
        $kinds = array_map(static fn(Step $s): S => $s->kind(), $left);
        self::assertSame([S::ChipBack, S::ReadMemory], \array_slice($kinds, 0, 2));
        self::assertSame([], array_intersect(
            array_column($kinds, 'value'),
            array_column(self::WORK, 'value'),
        ), 'nothing more is done with the chip');
        $at = static fn(S $kind): int => (int) array_search($kind, $kinds, true);
        self::assertSame($at(S::AwaitPart) + 1, $at(S::WriteMemory));
        self::assertLessThan($at(S::FitNew), $at(S::WriteMemory));
        $after->workUpTo(null);
        self::assertNull($after->next(), 'it comes to an end');
    }

    public function testItCanFailAtATestToo(): void
    {
        $bench = new Runs(self::plan(DataWay::Chip));
        $bench->workUpTo('gate:dry');
        $plan = (new Amendment($bench->run))->of(self::failed($bench, 'gate:dry'));
        self::assertSame('chip-back:display', $bench->under($plan)->next());
        self::assertNull(
            (new Aftermath(self::plan(DataWay::Copy)))->at('gate:dry', 'chip-failed', 'display'),
            'no chip was moved',
        );
    }

    private static function failed(Runs $bench, string $step): Consequence
    {
        $consequence = (new Aftermath($bench->plan))->at($step, 'chip-failed', 'display');
        self::assertNotNull($consequence);
        self::assertSame('trouble-on-its-own', $bench->try(T::Trouble, ['step' => $step])?->reason->code);

        return $consequence;
    }

    /** @return list<S> */
    private static function chip(Plan $plan): array
    {
        return array_values(array_filter(
            array_map(static fn(Step $s): S => $s->kind(), array_values($plan->steps)),
            static fn(S $kind): bool => $kind->isOfTheChip(),
        ));
    }

    private static function plan(?DataWay $way, string $phone = 'quillon-vesper', K $kind = K::DisplayAssembly): Plan
    {
        $read = Phones::read($phone);

        return (new Planner())->plan(new Request(
            $read,
            $read->replacement($kind),
            Condition::observed([]),
            Source::plate(85.0),
            school: School::StripThenBuild,
            data: $way,
        ));
    }
}
