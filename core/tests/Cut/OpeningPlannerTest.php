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
use Facelift\Cut\Passes;
use Facelift\Fit\OldPanel;
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
            array_values(array_unique(array_map(static fn(Pass $m): string => $m->way->stretch->id, $passes))),
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
        $whole = self::over('left-lower', self::open(Condition::observed([])));
        $broken = self::over('left-lower', self::open($crazed));
        self::assertTrue($broken[0]->way->crazed);
        // Twice the work; how much longer it takes hangs on how warm the bond is by then.
        self::assertGreaterThan(1.2 * self::seconds($whole), self::seconds($broken));
        $phone = Phones::read('quillon-vesper');
        $cut = $phone->bonds['seal']->cut ?? self::fail('the seal is cut');
        $effort = static fn(Condition $c): float => (new Passes(
            $phone,
            $phone->bonds['seal'],
            $cut,
            $c,
            OldPanel::Save,
        ))
            ->effort($cut->stretches[1]);
        self::assertEqualsWithDelta(2.0, $effort($crazed) / $effort(Condition::observed([])), 1e-9);
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
        $bottom = array_sum(array_map(
            static fn(Pass $p): float => $p->way->length,
            self::over('bottom', self::open(Condition::observed([]))),
        ));
        self::assertEqualsWithDelta(71.4 - 2 * $glass->radius + \M_PI * $glass->radius / 2, $bottom, 0.01);
    }

    /** @return list<Pass> */
    private static function passes(EdgeOpening $opening): array
    {
        return array_values(array_filter($opening->moves, static fn(Move $m): bool => $m instanceof Pass));
    }

    /** @param list<Pass> $passes */
    private static function seconds(array $passes): float
    {
        return array_sum(array_map(static fn(Pass $p): float => $p->seconds - Passes::PICK, $passes));
    }

    /** @return list<Pass> */
    private static function over(string $stretch, EdgeOpening $opening): array
    {
        return array_values(array_filter(
            self::passes($opening),
            static fn(Pass $p): bool => $p->way->stretch->id === $stretch,
        ));
    }

    private static function open(Condition $condition, float $set = 85): EdgeOpening
    {
        $phone = Phones::read('quillon-vesper');

        return (new OpeningPlanner())->plan($phone, $phone->bonds['seal'], $condition, new HeatBy(Source::plate($set)));
    }
}
