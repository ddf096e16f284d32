<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Facelift\Anatomy\Face;
use Facelift\Condition\Condition;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Condition\RepairSign;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\OpeningPlanner;
use Facelift\Cut\Pass;
use Facelift\Geometry\Point;
use Facelift\Heat\Binding;
use Facelift\Heat\PhaseKind;
use Facelift\Heat\Source;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class OpeningPlannerTest extends TestCase
{
    public function testStartsAtTheStartEdgeAndLeavesTheHingeAlone(): void
    {
        $passes = self::passes(self::open(Condition::observed([])));
        self::assertSame(
            ['bottom', 'left-lower', 'left-upper', 'top'],
            array_map(static fn(Pass $m): string => $m->way->stretch->id, $passes),
        );
    }

    public function testEveryPassEndsBeforeTheBondGrips(): void
    {
        foreach ([70, 80, 85, 95] as $set) {
            $opening = self::open(Condition::observed([]), $set);
            if (!$opening->works()) {
                continue;
            }
            foreach ($opening->moves as $move) {
                if ($move instanceof Pass) {
                    self::assertGreaterThanOrEqual($opening->window->low - 1.0, $move->end->bond, "at $set °C");
                }
                self::assertLessThan(60.0, $move->end->battery);
            }
        }
        self::assertTrue(self::open(Condition::observed([]))->works());
    }

    public function testACrazedStretchTakesHalfThePace(): void
    {
        $crazed = new Condition(
            [],
            [new Mark(MarkKind::Crack, Face::Front, [new Point(20, 100), new Point(1, 120)])],
            [],
            [],
            [],
            true,
            false,
        );
        $plain = self::passes(self::open(Condition::observed([])))[1];
        $slow = self::passes(self::open($crazed))[1];
        self::assertTrue($slow->way->crazed);
        self::assertEqualsWithDelta($plain->way->pace / 2, $slow->way->pace, 1e-9);
        self::assertEqualsWithDelta(2 * ($plain->seconds - 5), $slow->seconds - 5, 1e-9);
    }

    public function testASourceTooColdIsSaidWithWhatBinds(): void
    {
        $opening = self::open(Condition::observed([]), 60);
        self::assertSame(Binding::Time, $opening->blocked);
        self::assertSame([], $opening->moves);
    }

    /** Air or plate at 70 °C never brings a bond to 70 °C: no more heat than the source has. */
    public function testNothingGetsHotterThanItsSource(): void
    {
        foreach (self::open(Condition::observed([]), 70)->samples as $sample) {
            self::assertLessThan(70.0, $sample->bond);
        }
    }

    public function testAnEarlierRepairLowersTheWindow(): void
    {
        $foreign = new Condition(
            [],
            [],
            [],
            [RepairSign::LiquidGlue],
            [],
            true,
            false,
        );
        self::assertEqualsWithDelta(55, self::open($foreign)->window->low, 1e-9);
        self::assertLessThan(
            self::open(Condition::observed([]))->moves[0]->seconds,
            self::open($foreign)->moves[0]->seconds,
        );
    }

    public function testPhasesAndMovesGoTogether(): void
    {
        $opening = self::open(Condition::observed([]));
        self::assertCount(\count($opening->moves), $opening->phases);
        foreach ($opening->moves as $i => $move) {
            $phase = $opening->phases[$i];
            self::assertGreaterThanOrEqual($move->seconds - 1e-6, $phase->to - $phase->from);
            self::assertSame($move instanceof Heating, $phase->kind === PhaseKind::Heat);
        }
    }

    /** A pass along a side: the straight part and two half corners, πr/2 together. */
    public function testLengthOfAPassFollowsTheCorners(): void
    {
        $glass = Phones::read('quillon-vesper')->body->glass;
        $bottom = self::passes(self::open(Condition::observed([])))[0];
        self::assertEqualsWithDelta(71.4 - 2 * $glass->radius + \M_PI * $glass->radius / 2, $bottom->way->length, 0.01);
    }

    /** @return list<Pass> */
    private static function passes(EdgeOpening $opening): array
    {
        return array_values(array_filter($opening->moves, static fn(Move $m): bool => $m instanceof Pass));
    }

    private static function open(Condition $condition, float $set = 85): EdgeOpening
    {
        $phone = Phones::read('quillon-vesper');

        return (new OpeningPlanner())->plan($phone, $phone->bonds['seal'], $condition, new HeatBy(Source::plate($set)));
    }
}
