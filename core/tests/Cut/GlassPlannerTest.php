<?php

declare(strict_types=1);

namespace Facelift\Tests\Cut;

use Facelift\Anatomy\Face;
use Facelift\Condition\Condition;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Cut\Blade;
use Facelift\Cut\GlassMove;
use Facelift\Cut\GlassParting;
use Facelift\Cut\GlassPlanner;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** Window and order: common practice, no source. */
final class GlassPlannerTest extends TestCase
{
    public function testTheLaminateIsInItsWindowAtTheGentlestSettingThatGetsItThere(): void
    {
        $parting = self::part();
        self::assertGreaterThanOrEqual(GlassPlanner::LOW, $parting->laminate);
        self::assertLessThanOrEqual(GlassPlanner::HIGH, $parting->laminate);
        self::assertGreaterThan($parting->laminate, $parting->set, 'nothing gets hotter than its source');
        self::assertLessThanOrEqual(180, $parting->warm);
        self::assertGreaterThan(0.0, $parting->panelUsed);
        self::assertLessThan(0.8, $parting->panelUsed, 'the panel outlives twenty minutes of it');
    }

    public function testThreeSectionsCoverTheWholeGlassOnceAndStartAwayFromTheFlexes(): void
    {
        $glass = Phones::read('quillon-vesper')->body->glass->box;
        $moves = self::part()->moves;
        self::assertCount(3, $moves);
        self::assertSame(
            [Blade::Wire],
            array_values(array_unique(array_map(static fn(GlassMove $m): Blade => $m->blade, $moves), \SORT_REGULAR)),
        );
        self::assertEqualsWithDelta(
            $glass->height,
            array_sum(array_map(static fn(GlassMove $m): float => $m->to - $m->from, $moves)),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $glass->height,
            $moves[0]->to,
            1e-9,
            'the flexes lie in the upper half: it begins at the bottom',
        );
        self::assertEqualsWithDelta(0.0, $moves[2]->from, 1e-9);
        // By hand: 69.8 mm × 144.6 mm at 9 mm²/s are 1121 s.
        self::assertEqualsWithDelta(
            (69.8 * 144.6) / 9,
            array_sum(array_map(static fn(GlassMove $m): float => $m->seconds, $moves)),
            0.5,
        );
    }

    public function testCurvedEdgesAreFreedToTheMiddleOfTheCurveBeforeTheWire(): void
    {
        $moves = self::part(4.0)->moves;
        self::assertSame(
            [Side::Left, Side::Right, null, null, null],
            array_map(static fn(GlassMove $m): ?Side => $m->curve, $moves),
        );
        self::assertEqualsWithDelta(2.0, $moves[0]->depth, 1e-9);
        self::assertSame(Blade::ThinMetal, $moves[0]->blade);
    }

    public function testCracksAreSaidWhereTheyRunAndHalveThePaceAtACurvedEdge(): void
    {
        $crack = new Mark(MarkKind::Crack, Face::Front, [new Point(20, 10), new Point(1, 40)]);
        $moves = self::part(4.0, new Condition(
            [],
            [$crack],
            [],
            [],
            [],
            true,
            false,
        ))->moves;
        $whole = self::part(4.0)->moves;
        self::assertSame(
            [true, false, false, false, true],
            array_map(static fn(GlassMove $m): bool => $m->crazed, $moves),
        );
        self::assertEqualsWithDelta(2 * $whole[0]->seconds, $moves[0]->seconds, 1e-9);
        self::assertEqualsWithDelta($whole[1]->seconds, $moves[1]->seconds, 1e-9);
        self::assertEqualsWithDelta(
            $whole[4]->seconds,
            $moves[4]->seconds,
            1e-9,
            'the wire\'s pace is that under cracked glass',
        );
    }

    public function testAColderRoomNeedsMoreHeatNeverLess(): void
    {
        $sets = array_map(
            static fn(float $room): float => (new GlassPlanner())->plan(
                Phones::read('quillon-vesper'),
                Condition::observed([]),
                $room,
            )->set,
            [30.0, 22.0, 14.0],
        );
        self::assertLessThanOrEqual($sets[1], $sets[0]);
        self::assertLessThanOrEqual($sets[2], $sets[1]);
    }

    private static function part(float $curve = 0.0, ?Condition $condition = null): GlassParting
    {
        return (new GlassPlanner())->plan(
            Phones::with('quillon-vesper', ['body.curve' => $curve]),
            $condition ?? Condition::observed([]),
        );
    }
}
