<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Record\Belief;
use Facelift\Record\Difference;
use Facelift\Record\IncompleteBeta;
use Facelift\Record\Outcome;
use Facelift\Record\Rate;
use Facelift\Record\Survival;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StatisticsTest extends TestCase
{
    /** Newcombe 1998, Statistics in Medicine 17, 873–890, method 10 (quoted from memory). */
    #[DataProvider('newcombe')]
    public function testDifferenceOfRates(
        int $a,
        int $m,
        int $b,
        int $n,
        float $low,
        float $high,
    ): void {
        $difference = Difference::of(Rate::of($a, $m), Rate::of($b, $n));
        self::assertEqualsWithDelta($low, $difference->interval->low, 6e-5);
        self::assertEqualsWithDelta($high, $difference->interval->high, 6e-5);
        $back = Difference::of(Rate::of($b, $n), Rate::of($a, $m));
        self::assertEqualsWithDelta(-$high, $back->interval->low, 6e-5, 'the other way round it is the same');
        self::assertSame($low > 0.0 || $high < 0.0, $difference->isTold());
    }

    /** @return iterable<array{int, int, int, int, float, float}> */
    public static function newcombe(): iterable
    {
        yield [56, 70, 48, 80, 0.0524, 0.3339];
        yield [9, 10, 3, 10, 0.1705, 0.8090];
        yield [6, 7, 2, 7, 0.0582, 0.8062];
        yield [5, 56, 0, 29, -0.0381, 0.1926];
        yield [0, 10, 0, 20, -0.1611, 0.2775];
        yield [10, 10, 0, 10, 0.6075, 1.0];
    }

    /** Remission times of Freireich et al. 1963 with Greenwood's errors (quoted from memory). */
    public function testCensoredTimes(): void
    {
        $outcomes = [];
        foreach ([6, 6, 6, 7, 10, 13, 16, 22, 23] as $days) {
            $outcomes[] = new Outcome($days, true);
        }
        foreach ([6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35] as $days) {
            $outcomes[] = new Outcome($days, false);
        }
        $published = [
            6 => [0.857, 0.076], 7 => [0.807, 0.087], 10 => [0.753, 0.096], 13 => [0.690, 0.107],
            16 => [0.627, 0.114], 22 => [0.538, 0.128], 23 => [0.448, 0.135],
        ];
        $together = [new Outcome(6, true, 3), new Outcome(32, false, 2)];
        $single = array_filter($outcomes, static fn(Outcome $o): bool => !($o->days === 6.0 && $o->failed)
            && !($o->days === 32.0 && !$o->failed));
        foreach ([Survival::of($outcomes), Survival::of(array_reverse($outcomes)), Survival::of([
            ...$single, ...$together,
        ])] as $survival) {
            foreach ($published as $days => [$share, $error]) {
                self::assertEqualsWithDelta($share, $survival->after($days), 5e-4);
                self::assertEqualsWithDelta($error, $survival->error($days), 5e-4);
            }
            self::assertSame(1.0, $survival->after(5.9));
            self::assertEqualsWithDelta(0.448, $survival->after(100), 5e-4);
            self::assertCount(7, $survival->steps());
        }
    }

    public function testWhileNothingHasFailedTheIntervalIsThatOfAsManyAsWereSeen(): void
    {
        $none = Survival::of([new Outcome(30, false, 20)]);
        self::assertEqualsWithDelta(1 - 0.1611, $none->interval(30)->low, 5e-5);
        self::assertSame(1.0, $none->interval(30)->high);
        self::assertSame([0.0, 1.0], [Survival::of([])->interval(30)->low, Survival::of([])->interval(30)->high]);
        $some = Survival::of([new Outcome(5, true, 2), new Outcome(30, false, 60)]);
        self::assertTrue($some->interval(30)->holds($some->after(30)));
        self::assertGreaterThan(0.0, $some->interval(30)->low);
        self::assertLessThan(1.0, $some->interval(30)->high);
    }

    /** Made with SciPy's `beta` by bin/beta-values.py: 500 sets of estimate, weight and counts. */
    public function testBeliefsAgreeWithSciPy(): void
    {
        $file = fopen(__DIR__ . '/beta-values.csv', 'r');
        self::assertIsResource($file);
        $sets = 0;
        while (($row = fgetcsv($file)) !== false) {
            [$estimate, $weighs, $successes, $tries, $at, $above, $low, $high] = array_map(floatval(...), $row);
            $belief = Belief::from($estimate, $weighs, Rate::of((int) $successes, (int) $tries));
            self::assertEqualsWithDelta($above, $belief->chanceAbove($at), 1e-9);
            self::assertEqualsWithDelta($low, $belief->band()->low, 1e-7);
            self::assertEqualsWithDelta($high, $belief->band()->high, 1e-7);
            ++$sets;
        }
        fclose($file);
        self::assertSame(500, $sets);
    }

    public function testAnEstimateThatWeighsMuchMovesLittle(): void
    {
        $seen = Rate::of(0, 10);
        self::assertGreaterThan(
            Belief::from(0.2, 2, $seen)->expected(),
            Belief::from(0.2, 50, $seen)->expected(),
        );
        self::assertEqualsWithDelta(10 / 60, Belief::from(0.2, 50, $seen)->expected(), 1e-12);
    }

    /** In made shops with so many jobs more, about four of five can tell the difference. */
    public function testAfterSoManyMoreJobsItIsToldInFourOfFive(): void
    {
        $one = Rate::of(12, 100);
        $other = Rate::of(3, 100);
        $more = Difference::of($one, Rate::of(7, 100))->moreUntilTold();
        self::assertNotNull($more);
        self::assertGreaterThan(0, $more);
        $dice = new Dice(17);
        $needed = Difference::of(Rate::of(12, 100), Rate::of(4, 100))->moreUntilTold();
        self::assertNotNull($needed);
        $each = intdiv(200 + $needed, 2);
        [$p, $q] = [$one->expected(), Rate::of(4, 100)->expected()];
        $told = 0;
        for ($shop = 0; $shop < 300; ++$shop) {
            [$a, $b] = [0, 0];
            for ($job = 0; $job < $each; ++$job) {
                $a += (int) ($dice->float(0, 1) < $p);
                $b += (int) ($dice->float(0, 1) < $q);
            }
            $told += (int) Difference::of(Rate::of($a, $each), Rate::of($b, $each))->isTold();
        }
        self::assertGreaterThan(0.7 * 300, $told);
        self::assertLessThan(0.9 * 300, $told);
        self::assertNull(Difference::of($other, $other)->moreUntilTold(), 'of no difference nothing is ever told');
    }

    public function testQuantilesOfTheBetaDistribution(): void
    {
        self::assertEqualsWithDelta(0.5, IncompleteBeta::quantile(0.5, 3.5, 3.5), 1e-12);
        foreach ([[0.3, 0.4, 7.0], [0.95, 120.5, 3.2], [0.01, 1.0, 1.0]] as [$share, $a, $b]) {
            $x = IncompleteBeta::quantile($share, $a, $b);
            self::assertEqualsWithDelta($share, IncompleteBeta::regularised($x, $a, $b), 1e-9);
        }
    }
}
