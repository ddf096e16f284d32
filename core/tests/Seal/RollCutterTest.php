<?php

declare(strict_types=1);

namespace Facelift\Tests\Seal;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Seal\CutList;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\Roll;
use Facelift\Seal\RollCutter;
use Facelift\Seal\Rolls;
use Facelift\Seal\StockLength;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class RollCutterTest extends TestCase
{
    use TestTrait;

    /** By hand: 150 + 60 mm use up a rest of 210 mm whole; any other way throws a rest away or begins a second roll. */
    public function testUsesUpARestBeforeItBeginsARoll(): void
    {
        $list = self::cut([150.0, 60.0], [5000.0, 210.0]);
        self::assertCount(1, $list->cuts);
        self::assertSame('r1', $list->cuts[0]->roll->id);
        self::assertSame([150.0, 60.0], $list->cuts[0]->lengths);
        self::assertSame(0.0, $list->waste());
        self::assertTrue($list->isWhole());
    }

    public function testSaysWhatTheRollsLack(): void
    {
        $list = self::cut([150.0, 60.0, 40.0], [100.0]);
        self::assertFalse($list->isWhole());
        self::assertSame([150.0], $list->missing[0]->lengths);
        self::assertSame([60.0, 40.0], $list->cuts[0]->lengths);
    }

    public function testAWidthThatIsNotOnAnyRollIsMissingWhole(): void
    {
        $list = (new RollCutter())->cut([new StockLength(2.0, [10.0])], self::rolls([500.0]));
        self::assertSame(2.0, $list->missing[0]->width);
    }

    public function testAnImpossibleRollIsRefusedWithItsFigure(): void
    {
        $this->expectException(NothingToSeal::class);
        $this->expectExceptionMessage('thickness is -0.1 mm, must lie between 0.02 and 3 mm');
        new Roll(
            'r',
            1.5,
            -0.1,
            0.2,
            100.0,
        );
    }

    /** Against every assignment there is. */
    public function testNoOtherAssignmentIsBetter(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(static function (int $seed): void {
                $dice = new Dice($seed);
                $lengths = array_map(static fn(): float => (float) $dice->int(3, 12) * 10, range(1, $dice->int(1, 6)));
                $left = array_map(static fn(): float => (float) $dice->int(2, 30) * 10, range(1, $dice->int(1, 3)));
                $list = self::cut($lengths, $left);
                $missing = array_sum(array_map(static fn(StockLength $s): float => $s->all(), $list->missing));
                self::assertSame(
                    self::exhaustive($lengths, $left),
                    [round($missing, 6), round($list->waste(), 6), (float) \count($list->cuts)],
                    "seed $seed",
                );
                foreach ($list->cuts as $cut) {
                    self::assertEqualsWithDelta($cut->roll->left - array_sum($cut->lengths), $cut->left, 1e-6);
                    self::assertGreaterThanOrEqual(0.0, $cut->left);
                }
            });
    }

    /**
     * @param list<float> $lengths
     * @param list<float> $left
     *
     * @return list<float> missing, thrown away, rolls begun
     */
    private static function exhaustive(array $lengths, array $left): array
    {
        $best = [\INF, \INF, \INF];
        $ways = (\count($left) + 1) ** \count($lengths);
        for ($way = 0; $way < $ways; ++$way) {
            $rest = $left;
            $missing = 0.0;
            $used = [];
            for ($k = 0, $code = $way; $k < \count($lengths); ++$k, $code = intdiv($code, \count($left) + 1)) {
                $roll = $code % (\count($left) + 1);
                if ($roll === \count($left)) {
                    $missing += $lengths[$k];
                } else {
                    $rest[$roll] -= $lengths[$k];
                    $used[$roll] = true;
                }
            }
            if (min([0.0, ...$rest]) < 0) {
                continue;
            }
            $waste = 0.0;
            foreach (array_keys($used) as $roll) {
                $waste += $rest[$roll] < CutList::USEFUL ? $rest[$roll] : 0.0;
            }
            $best = min($best, [$missing, $waste, (float) \count($used)]);
        }

        return $best;
    }

    /**
     * @param list<float> $lengths
     * @param list<float> $left
     */
    private static function cut(array $lengths, array $left): CutList
    {
        return (new RollCutter())->cut([new StockLength(1.5, $lengths)], self::rolls($left));
    }

    /** @param list<float> $left */
    private static function rolls(array $left): Rolls
    {
        return new Rolls(array_map(
            static fn(int $i, float $mm): Roll => new Roll(
                'r' . $i,
                1.5,
                0.3,
                0.2,
                $mm,
            ),
            array_keys($left),
            $left,
        ));
    }
}
