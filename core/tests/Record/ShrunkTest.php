<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Record\Ratios;
use Facelift\Record\Shrunk;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class ShrunkTest extends TestCase
{
    public function testNothingSeenIsAsPlanned(): void
    {
        $none = Shrunk::of([]);
        self::assertSame(1.0, $none->times('unscrew'));
        self::assertLessThan(1.0, $none->band('unscrew')->low);
        self::assertGreaterThan(1.0, $none->band('unscrew')->high);
    }

    /** What has shown little lies near all, what has shown much near itself. */
    public function testAGroupIsPulledTheLessTheMoreItHasShown(): void
    {
        $groups = [
            'a' => self::same(100, 100, 400), 'b' => self::same(100, 200, 400), 'c' => self::same(100, 150, 400),
            'seldom' => self::same(100, 300, 2),
        ];
        $shrunk = Shrunk::of($groups);
        self::assertEqualsWithDelta(1.0, $shrunk->times('a'), 0.02);
        self::assertEqualsWithDelta(2.0, $shrunk->times('b'), 0.03);
        self::assertGreaterThan(1.5, $shrunk->times('seldom'));
        self::assertLessThan(2.95, $shrunk->times('seldom'));
        self::assertEqualsWithDelta(exp($shrunk->all), $shrunk->times('never'), 1e-12);
        self::assertGreaterThan(
            $shrunk->band('b')->high - $shrunk->band('b')->low,
            $shrunk->band('seldom')->high - $shrunk->band('seldom')->low,
        );
    }

    /** Nobody's lunch counts for more than four times as long as planned. */
    public function testOneOfTheBoundsIsAllThatCounts(): void
    {
        self::assertEquals(Ratios::of(60, 240), Ratios::of(60, 6_000));
        self::assertEquals(Ratios::of(60, 15), Ratios::of(60, 0.1));
        $many = Ratios::none();
        foreach (range(1, 40) as $i) {
            $many = $many->with(Ratios::of(60.0, 20.0 + 3 * $i));
        }
        $one = Ratios::of(60, 77);
        self::assertEquals($many, $many->with($one)->without($one));
    }

    /** Made shops whose kinds of step take as long as only they know: nine of ten lie in their bands. */
    public function testBandsHoldTheTruth(): void
    {
        $held = $all = 0;
        for ($shop = 0; $shop < 60; ++$shop) {
            $dice = new Dice(900 + $shop);
            $groups = $truth = [];
            for ($kind = 0; $kind < 12; ++$kind) {
                $truth[$kind] = 0.1 + 0.3 * self::normal($dice);
                $ratios = Ratios::none();
                for ($i = $dice->int(1, 60); $i > 0; --$i) {
                    $ratios = $ratios->with(Ratios::of(60.0, 60.0 * exp($truth[$kind] + 0.4 * self::normal($dice))));
                }
                $groups["kind $kind"] = $ratios;
            }
            $shrunk = Shrunk::of($groups);
            foreach ($truth as $kind => $log) {
                $held += (int) $shrunk->band("kind $kind")->holds(exp($log));
                ++$all;
            }
        }
        self::assertGreaterThan(0.85 * $all, $held);
        self::assertLessThan(0.95 * $all, $held);
    }

    private static function same(float $planned, float $taken, int $times): Ratios
    {
        $ratios = Ratios::none();
        for ($i = 0; $i < $times; ++$i) {
            // A tenth more and a tenth less in turn.
            $ratios = $ratios->with(Ratios::of($planned, $taken * exp($i % 2 === 0 ? 0.1 : -0.1)));
        }

        return $ratios;
    }

    private static function normal(Dice $dice): float
    {
        return sqrt(-2 * log($dice->float(1e-6, 1.0))) * cos(2 * M_PI * $dice->float(0.0, 1.0));
    }
}
