<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\JobShop;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Document\Unreadable;
use Facelift\Schedule\JobShop\Answer;
use Facelift\Schedule\JobShop\Shop;
use Facelift\Schedule\JobShop\Solver;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SolverTest extends TestCase
{
    use TestTrait;

    /** Fisher and Thompson 1963 (in Muth and Thompson, "Industrial Scheduling"): the best of the small one is 55. */
    private const FT06 = <<<'SHOP'
        6 6
        2 1 0 3 1 6 3 7 5 3 4 6
        1 8 2 5 4 10 5 10 0 10 3 4
        2 5 3 4 5 8 0 9 1 1 4 7
        1 5 0 5 2 5 3 3 4 8 5 9
        2 9 1 3 4 5 5 4 0 3 3 1
        1 3 3 3 5 9 0 10 4 4 2 1
        SHOP;
    /** The same, large: 930, proven by Carlier and Pinson 1989. */
    private const FT10 = <<<'SHOP'
        10 10
        0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
        0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
        1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
        1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
        2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
        2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
        1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
        2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
        0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
        1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45
        SHOP;
    /** Lawrence 1984: 666. */
    private const LA01 = <<<'SHOP'
        10 5
        1 21 0 53 4 95 3 55 2 34
        0 21 3 52 4 16 2 26 1 71
        3 39 4 98 1 42 2 31 0 12
        1 77 0 55 4 79 2 66 3 77
        0 83 3 34 2 64 1 19 4 37
        1 54 2 43 4 79 0 92 3 62
        3 69 4 77 1 87 2 87 0 93
        2 38 0 60 1 41 3 24 4 83
        3 17 1 49 4 25 0 44 2 98
        4 77 3 79 2 43 1 75 0 96
        SHOP;

    #[TestWith([self::FT06, 55, 55])]
    #[TestWith([self::FT10, 930, 957])]
    #[TestWith([self::LA01, 666, 666])]
    public function testPublishedShops(string $text, int $best, int $most): void
    {
        $shop = Shop::read($text);
        $answer = (new Solver())->solve($shop);
        self::assertValid($shop, $answer);
        self::assertGreaterThanOrEqual($best, $answer->length);
        self::assertLessThanOrEqual($most, $answer->length);
        self::assertLessThanOrEqual($best, $answer->bound, 'no bound above the best');
        self::assertSame($best === $most, $answer->isOptimal(), 'said only where it is proven');
    }

    /** Small ones against every order of every machine. */
    public function testSmallShopsAreSolvedAsByTryingEveryOrder(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $shop = self::madeUp(new Dice($seed), 4, 3);
            $answer = (new Solver(200))->solve($shop);
            self::assertValid($shop, $answer);
            self::assertTrue($answer->isOptimal());
            self::assertSame(self::brute($shop), $answer->length);
        });
    }

    public function testALargerOneCanBeWorkedAndSaysHowNearItIs(): void
    {
        $this->limitTo(5)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $shop = self::madeUp(new Dice($seed), 12, 6);
            $answer = (new Solver(500))->solve($shop);
            self::assertValid($shop, $answer);
            self::assertLessThanOrEqual($answer->length, $answer->bound);
            self::assertSame($answer->length === $answer->bound, $answer->isOptimal());
        });
    }

    #[TestWith(['', 'line 1'])]
    #[TestWith(["2 2\n0 1 1 2", 'line 1'])]
    #[TestWith(["1 2\n0 1 2 2", 'line 2'])]
    #[TestWith(["1 2\n0 1 1", 'line 2'])]
    #[TestWith(["# a remark\n1 2\n0 one 1 2", 'line 3'])]
    #[TestWith(['999999 2', 'line 1'])]
    public function testWhatIsNoShopIsRefusedByItsLine(string $text, string $line): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($line);
        Shop::read($text);
    }

    private static function assertValid(Shop $shop, Answer $answer): void
    {
        $on = [];
        $length = 0;
        foreach ($shop->jobs as $j => $job) {
            $free = 0;
            foreach ($job as $i => [$machine, $time]) {
                $start = $answer->starts[$j][$i];
                self::assertGreaterThanOrEqual($free, $start, 'in its order');
                $free = $start + $time;
                $on[$machine][] = [$start, $free];
                $length = max($length, $free);
            }
        }
        foreach ($on as $spans) {
            sort($spans);
            foreach (\array_slice($spans, 1) as $i => [$start]) {
                self::assertGreaterThanOrEqual($spans[$i][1], $start, 'one at a time');
            }
        }
        self::assertSame($length, $answer->length);
    }

    private static function madeUp(Dice $dice, int $jobs, int $machines): Shop
    {
        $all = [];
        for ($j = 0; $j < $jobs; ++$j) {
            $job = [];
            foreach ($dice->shuffled(range(0, $machines - 1)) as $machine) {
                $job[] = [$machine, $dice->int(1, 20)];
            }
            $all[] = $job;
        }

        return new Shop($all);
    }

    private static function brute(Shop $shop): int
    {
        $machines = [];
        foreach ($shop->jobs as $j => $job) {
            foreach ($job as [$machine, $_]) {
                $machines[$machine][] = $j;
            }
        }
        $orders = [[]];
        foreach ($machines as $machine => $jobs) {
            $next = [];
            foreach (self::permutations($jobs) as $order) {
                foreach ($orders as $so) {
                    $next[] = $so + [$machine => $order];
                }
            }
            $orders = $next;
        }

        $best = \PHP_INT_MAX;
        foreach ($orders as $order) {
            $best = min($best, self::length($shop, $order));
        }

        return $best;
    }

    /**
     * @param list<int> $items
     *
     * @return list<list<int>>
     */
    private static function permutations(array $items): array
    {
        if (\count($items) < 2) {
            return [$items];
        }
        $all = [];
        foreach ($items as $i => $first) {
            $rest = $items;
            unset($rest[$i]);
            foreach (self::permutations(array_values($rest)) as $order) {
                $all[] = [$first, ...$order];
            }
        }

        return $all;
    }

    /** @param array<int, list<int>> $orders of jobs, by machine; a ring never ends and is as long as can be */
    private static function length(Shop $shop, array $orders): int
    {
        $next = array_fill(0, \count($shop->jobs), 0);
        $job = $machine = [];
        do {
            $moved = false;
            foreach ($orders as $m => $order) {
                $j = $order[0] ?? null;
                if ($j !== null && ($shop->jobs[$j][$next[$j]][0] ?? -1) === $m) {
                    $end = max($job[$j] ?? 0, $machine[$m] ?? 0) + $shop->jobs[$j][$next[$j]][1];
                    $job[$j] = $machine[$m] = $end;
                    ++$next[$j];
                    array_shift($orders[$m]);
                    $moved = true;
                }
            }
        } while ($moved);

        return array_filter($orders) === [] && $job !== [] ? max($job) : \PHP_INT_MAX;
    }
}
