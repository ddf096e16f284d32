<?php

declare(strict_types=1);

namespace Facelift\Tests\Proof;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Geometry\Side;
use Facelift\Proof\Fault\Sign;
use Facelift\Proof\Touch\DeadArea;
use Facelift\Proof\Touch\FlexEdge;
use Facelift\Proof\Touch\Grid;
use Facelift\Proof\Touch\Stroke;
use Facelift\Proof\Touch\Trace;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Coverage of the glass, against a plain count of points along the strokes. */
final class TouchTest extends TestCase
{
    use TestTrait;

    public function testNoCellIsLargerThanAFingertip(): void
    {
        $grid = new Grid(64.2, 138.6);
        self::assertSame([13, 28], [$grid->columns, $grid->rows]);
        self::assertLessThanOrEqual(Grid::CELL ** 2, $grid->cellArea());
        self::assertSame([0, 12, 363], [$grid->cellAt(0, 0), $grid->cellAt(64.2, 0), $grid->cellAt(70, 150)]);
    }

    /** Strokes as close as a cell meet everything; one left out in the middle is a band that reaches both edges. */
    public function testAMissedBandIsAZone(): void
    {
        $grid = new Grid(60.0, 120.0);
        $strokes = [];
        for ($row = 0; $row < $grid->rows; ++$row) {
            $strokes[] = new Stroke([[0.5, 5.0 * $row + 2.5, 0.0], [59.5, 5.0 * $row + 2.5, 100.0]]);
        }
        self::assertTrue(Trace::of($grid, $strokes)->isWhole());
        unset($strokes[10], $strokes[11]);
        $trace = Trace::of($grid, array_values($strokes));
        self::assertEqualsWithDelta(100.0 * 22 / 24, $trace->percent(), 1e-9);
        self::assertEqualsWithDelta(600.0, $trace->missedArea(), 1e-9);
        $zones = $trace->missed();
        self::assertCount(1, $zones);
        $zone = $zones[0];
        $box = [$zone->x, $zone->y, $zone->width, $zone->height, $zone->cells];
        self::assertEquals([0.0, 50.0, 60.0, 10.0, 24], $box);
    }

    /** The panel loses the finger over a dead band and finds it on the other side: the stroke jumps. */
    public function testAJumpWithinAStrokeIsSeenAndNotTakenForTouched(): void
    {
        $trace = Trace::of(new Grid(60.0, 120.0), [new Stroke([[5, 40, 0], [5, 44, 16], [5, 70, 20], [5, 74, 36]])]);
        self::assertEquals([[5, 44, 5, 70]], $trace->jumps);
        self::assertFalse($trace->isWhole());
        self::assertCount(2, $trace->met);
        $slow = Trace::of(new Grid(60.0, 120.0), [new Stroke([[5, 44, 0], [5, 70, 40]])]);
        self::assertSame([], $slow->jumps, 'a fast finger on a slow panel');
    }

    /** Against walking along each stroke in steps of a fiftieth of a millimetre. */
    public function testCellsOfRandomStrokes(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $grid = new Grid($dice->float(30, 90), $dice->float(60, 180));
            $points = [];
            for ($i = 0; $i < 6; ++$i) {
                $points[] = [$dice->float(0, $grid->width), $dice->float(0, $grid->height), 1000.0 * $i];
            }
            $walked = [];
            for ($i = 1; $i < 6; ++$i) {
                [$a, $b] = [$points[$i - 1], $points[$i]];
                $steps = (int) ceil(hypot($b[0] - $a[0], $b[1] - $a[1]) / 0.02);
                for ($s = 0; $s <= $steps; ++$s) {
                    $t = $s / max(1, $steps);
                    $walked[$grid->cellAt($a[0] + $t * ($b[0] - $a[0]), $a[1] + $t * ($b[1] - $a[1]))] = true;
                }
            }
            $met = Trace::of($grid, [new Stroke($points)])->met;
            self::assertSame([], array_diff_key($walked, $met), 'nothing walked over is left out');
            // A corner that is cut by less than a step may be met and not walked over.
            self::assertLessThanOrEqual(2, \count(array_diff_key($met, $walked)));
        });
    }

    /** @return iterable<string, array{list<array{int, int, int, int}>, Side|null, Sign|null}> */
    public static function areas(): iterable
    {
        // Columns and rows of a grid of 13 by 28 that nobody met: from and to, both included.
        yield 'all met' => [[], Side::Right, null];
        yield 'all dead' => [[[0, 12, 0, 27]], Side::Right, Sign::Dead];
        yield 'rows from the right edge' => [[[0, 12, 10, 12]], Side::Right, Sign::BandAtFlex];
        yield 'columns, the flex right' => [[[4, 5, 0, 27]], Side::Right, Sign::Band];
        yield 'the column along the flex' => [[[12, 12, 0, 27]], Side::Right, Sign::BandAtFlex];
        yield 'columns from the bottom' => [[[4, 5, 0, 27]], Side::Bottom, Sign::BandAtFlex];
        yield 'the last row, the flex at the bottom' => [[[0, 12, 27, 27]], Side::Bottom, Sign::BandAtFlex];
        yield 'the first row, the flex at the bottom' => [[[0, 12, 0, 0]], Side::Bottom, Sign::Band];
        yield 'a patch' => [[[3, 6, 4, 9]], Side::Bottom, Sign::Patch];
        yield 'a band and a spot' => [[[0, 12, 10, 12], [0, 0, 20, 20]], Side::Left, Sign::BandAtFlex];
        yield 'flex not known' => [[[0, 12, 10, 12]], null, Sign::Band];
    }

    /** @param list<array{int, int, int, int}> $missed */
    #[DataProvider('areas')]
    public function testWhatADeadAreaLooksLike(array $missed, ?Side $flex, ?Sign $sign): void
    {
        $grid = new Grid(64.2, 138.6);
        $strokes = [];
        for ($cell = 0; $cell < $grid->cells(); ++$cell) {
            [$column, $row] = [$cell % $grid->columns, intdiv($cell, $grid->columns)];
            $in = static fn(array $m): bool => $column >= $m[0] && $column <= $m[1] && $row >= $m[2] && $row <= $m[3];
            if (array_filter($missed, $in) === []) {
                $at = [($column + 0.5) * 64.2 / $grid->columns, ($row + 0.5) * 138.6 / $grid->rows, 0.0];
                $strokes[] = new Stroke([$at]);
            }
        }
        self::assertSame($sign, DeadArea::sign($grid, Trace::of($grid, $strokes)->missed(), $flex));
    }

    public function testTheEdgeAtWhichTheFlexLeavesTheDisplay(): void
    {
        self::assertSame(Side::Right, FlexEdge::of(Phones::read('quillon-vesper')));
        self::assertNull(FlexEdge::of(Phones::with('quillon-vesper', ['flexZones' => []])));
    }
}
