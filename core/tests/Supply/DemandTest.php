<?php

declare(strict_types=1);

namespace Facelift\Tests\Supply;

use Facelift\Supply\Demand;
use Facelift\Supply\Reorder;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What suffices, against Poisson's law summed over what the rate may be, and against its limit. */
final class DemandTest extends TestCase
{
    /**
     * Share of times in which at most `most` jobs come: Poisson's sum weighed with the gamma density of the rate, by
     * the trapezium rule in the root of the rate, where the density has no pole.
     */
    private static function shareAtMost(int $most, int $jobs, float $weeks, float $ahead): float
    {
        $sum = $all = 0.0;
        $known = $weeks + 2.0;
        $top = sqrt(($jobs + 12.0 * sqrt($jobs + 1) + 12.0) / $known);
        for ($i = 1; $i <= 4000; ++$i) {
            $root = $top * $i / 4000;
            $rate = $root * $root;
            $weight = 2 * $root ** (2 * $jobs) * exp(-$known * $rate);
            $term = exp(-$rate * $ahead);
            $below = $term;
            for ($k = 1; $k <= $most; ++$k) {
                $term *= $rate * $ahead / $k;
                $below += $term;
            }
            $sum += $weight * $below;
            $all += $weight;
        }

        return $sum / $all;
    }

    /** @return iterable<string, array{int, float, float, float}> jobs, weeks, weeks ahead, share */
    public static function records(): iterable
    {
        yield 'one in eight weeks' => [1, 8.0, 1.0, 0.95];
        yield 'two a week' => [16, 8.0, 1.0, 0.95];
        yield 'three weeks ahead' => [16, 8.0, 3.0, 0.95];
        yield 'half the times' => [9, 4.0, 2.0, 0.5];
        yield 'longer ahead than the record' => [3, 2.0, 6.0, 0.9];
    }

    #[DataProvider('records')]
    public function testTheLeastNumberThatSuffices(int $jobs, float $weeks, float $ahead, float $share): void
    {
        $enough = (int) Demand::pieces($jobs, $weeks)->enoughFor($ahead, $share);
        self::assertGreaterThanOrEqual($share, self::shareAtMost($enough, $jobs, $weeks, $ahead));
        self::assertLessThan($share, $enough === 0 ? 0.0 : self::shareAtMost($enough - 1, $jobs, $weeks, $ahead));
    }

    /** One job in the first week is no ground to fill the shelf. */
    public function testAShortRecordOrdersFew(): void
    {
        $line = Reorder::of(Demand::pieces(1, 1.0), 0.0, null, 5 / 7);
        self::assertGreaterThanOrEqual(2.0, $line->order);
        self::assertLessThanOrEqual(5.0, $line->order);
    }

    /**
     * With a long record the rate is known and Poisson's own law is left: for a mean of 5 at most 9 come in 96.8 % of
     * times, at most 8 in 93.2 % (table of the cumulative Poisson distribution, any book of statistics; from memory).
     */
    public function testALongRecordLeavesPoissonAlone(): void
    {
        self::assertSame(9.0, Demand::pieces(5000, 1000.0)->enoughFor(1.0, 0.95));
        self::assertSame(8.0, Demand::pieces(5000, 1000.0)->enoughFor(1.0, 0.93));
    }

    /** Ten jobs of 3 m are what ten jobs of one piece are, times three; uneven ones need more than their mean says. */
    public function testAmounts(): void
    {
        $even = new Demand(array_fill(0, 10, 3.0), 8.0);
        $three = 3 * Demand::pieces(10, 8.0)->enoughFor(2.0, 0.95);
        self::assertEqualsWithDelta($three, $even->enoughFor(2.0, 0.95), 1e-9);
        $uneven = new Demand([...array_fill(0, 5, 0.5), ...array_fill(0, 5, 5.5)], 8.0);
        self::assertEqualsWithDelta($even->perWeek(), $uneven->perWeek(), 1e-12);
        self::assertGreaterThan($even->enoughFor(2.0, 0.95), $uneven->enoughFor(2.0, 0.95));
    }

    public function testNothingUsedNeedsNothing(): void
    {
        self::assertSame(0.0, (new Demand([], 8.0))->enoughFor(4.0, 0.95));
        self::assertSame(0.0, Reorder::of(new Demand([], 8.0), 0.0, null, 1.0)->order);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Demand([1.0, 0.0], 8.0);
    }

    /** Above the level nothing is ordered; at it so much that it lasts two weeks longer; a level that is set stands. */
    public function testOrdering(): void
    {
        $demand = Demand::pieces(16, 8.0);
        $level = $demand->enoughFor(1.0, Reorder::SURE);
        self::assertSame(0.0, Reorder::of($demand, $level + 1, null, 1.0)->order);
        $at = Reorder::of($demand, $level, null, 1.0);
        self::assertTrue($at->guessed);
        self::assertSame($demand->enoughFor(3.0, Reorder::SURE) - $level, $at->order);
        self::assertSame(0.0, Reorder::of($demand, $level, 0.0, 1.0)->order, 'the shop keeps none of it');
        $kept = Reorder::of(new Demand([], 8.0), 1.0, 2.0, 1.0);
        self::assertSame([2.0, 2.0, false], [$kept->level, $kept->order, $kept->guessed]);
    }
}
