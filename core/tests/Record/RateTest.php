<?php

declare(strict_types=1);

namespace Facelift\Tests\Record;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Cost\BreakEven;
use Facelift\Quantity\Money;
use Facelift\Record\GlassOnlyAdvice;
use Facelift\Record\ImpossibleRate;
use Facelift\Record\IncompleteBeta;
use Facelift\Record\Rate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RateTest extends TestCase
{
    /** Newcombe 1998, Statistics in Medicine 17, table I, method 3 (quoted from memory). */
    #[DataProvider('newcombe')]
    public function testWilsonInterval(int $successes, int $tries, float $low, float $high): void
    {
        $interval = Rate::of($successes, $tries)->wilson();
        self::assertEqualsWithDelta($low, $interval->low, 5e-5);
        self::assertEqualsWithDelta($high, $interval->high, 5e-5);
    }

    /** @return iterable<array{int, int, float, float}> */
    public static function newcombe(): iterable
    {
        yield [81, 263, 0.2553, 0.3662];
        yield [15, 148, 0.0624, 0.1605];
        yield [0, 20, 0.0, 0.1611];
        yield [1, 29, 0.0061, 0.1718];
    }

    public function testIncompleteBeta(): void
    {
        self::assertEqualsWithDelta(0.6875, IncompleteBeta::regularised(0.5, 2, 3), 1e-12, 'exactly 11/16');
        // I_x(a, 1) = x^a, I_x(1, b) = 1 − (1 − x)^b, and I_x(a, b) = 1 − I_{1−x}(b, a).
        foreach ([0.01, 0.3, 0.77, 0.999] as $x) {
            self::assertEqualsWithDelta($x ** 7, IncompleteBeta::regularised($x, 7, 1), 1e-12);
            self::assertEqualsWithDelta(1 - (1 - $x) ** 9, IncompleteBeta::regularised($x, 1, 9), 1e-12);
            self::assertEqualsWithDelta(
                1 - IncompleteBeta::regularised(1 - $x, 40, 90),
                IncompleteBeta::regularised($x, 90, 40),
                1e-9,
            );
        }
        self::assertSame([0.0, 1.0], [IncompleteBeta::regularised(0, 3, 4), IncompleteBeta::regularised(1, 3, 4)]);
    }

    /** The density of Beta(s+1, f+1) summed by Simpson's rule gives the same tail. */
    public function testPosteriorTailAgreesWithNumericalIntegration(): void
    {
        foreach ([[3, 5, 0.4], [0, 4, 0.2], [18, 20, 0.85]] as [$s, $n, $t]) {
            $density = static fn(float $x): float => $x ** $s * (1 - $x) ** ($n - $s);
            $tail = self::simpson($density, $t, 1) / self::simpson($density, 0, 1);
            self::assertEqualsWithDelta($tail, Rate::of($s, $n)->chanceAbove($t), 1e-7);
        }
    }

    /** A try at 45 against 120 needs 37.5 %. 18 of 20 is clearly above, 1 of 29 clearly below, 2 of 4 may be either. */
    #[DataProvider('advice')]
    public function testAdvice(
        int $successes,
        int $tries,
        PanelTechnology $technology,
        int $try,
        string $code,
    ): void {
        $advice = GlassOnlyAdvice::of(
            new BreakEven(Money::of($try), Money::of(120)),
            Rate::of($successes, $tries),
            $technology,
        );
        self::assertSame($code, $advice->code);
    }

    /** @return iterable<array{int, int, PanelTechnology, int, string}> */
    public static function advice(): iterable
    {
        yield [18, 20, PanelTechnology::Oled, 45, 'glass-pays'];
        yield [1, 29, PanelTechnology::Oled, 45, 'glass-does-not-pay'];
        yield [2, 4, PanelTechnology::Oled, 45, 'glass-undecided'];
        yield [0, 0, PanelTechnology::Oled, 45, 'glass-no-record'];
        yield [18, 20, PanelTechnology::Oled, 130, 'glass-never-pays'];
        yield [18, 20, PanelTechnology::Lcd, 45, 'glass-open-backlight'];
    }

    public function testNothingTriedIsNothingKnown(): void
    {
        self::assertSame(
            [0.0, 1.0, 0.5],
            [Rate::of(0, 0)->wilson()->low, Rate::of(0, 0)->wilson()->high, Rate::of(0, 0)->expected()],
        );
        self::assertTrue(Rate::of(0, 0)->wilson()->holds(0.5));
        $this->expectException(ImpossibleRate::class);
        Rate::of(3, 2);
    }

    /** @param \Closure(float): float $f */
    private static function simpson(\Closure $f, float $a, float $b): float
    {
        $n = 4000;
        $h = ($b - $a) / $n;
        $sum = $f($a) + $f($b);
        for ($i = 1; $i < $n; ++$i) {
            $sum += $f($a + $i * $h) * ($i % 2 === 1 ? 4 : 2);
        }

        return $sum * $h / 3;
    }
}
