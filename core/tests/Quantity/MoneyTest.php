<?php

declare(strict_types=1);

namespace Facelift\Tests\Quantity;

use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hand-worked examples. */
final class MoneyTest extends TestCase
{
    public function testTenTimesATenthIsOne(): void
    {
        self::assertTrue(Money::sum(...array_fill(0, 10, Money::of('0.1')))->equals(Money::of(1)));
    }

    public function testRoundsHalfUpOnlyWhenAsked(): void
    {
        self::assertSame('1.01', (string) Money::of('1.005'));
        self::assertSame('2.01', (string) Money::of('1.005')->times(2)->toCents());
        self::assertSame('3.33', (string) Money::of(10)->dividedBy(3));
    }

    #[DataProvider('steps')]
    public function testRoundsUpToTheStep(string $amount, string $step, string $to): void
    {
        self::assertSame($to, (string) Money::of($amount)->roundedUpTo(Money::of($step)));
    }

    /** @return iterable<array{string, string, string}> */
    public static function steps(): iterable
    {
        yield ['118.01', '1', '119.00'];
        yield ['119', '1', '119.00'];
        yield ['119.01', '0.50', '119.50'];
        yield ['0.01', '5', '5.00'];
        yield ['0', '5', '0.00'];
    }

    public function testRatioAndOrder(): void
    {
        self::assertEqualsWithDelta(0.375, Money::of(45)->ratioTo(Money::of(120)), 1e-10);
        self::assertSame('4.00', (string) Money::larger(Money::of(3), Money::of(4)));
        self::assertSame('3.00', (string) Money::smaller(Money::of(3), Money::of(4)));
        self::assertTrue(Money::of(3)->minus(Money::of(4))->isNegative());
    }

    #[DataProvider('nonsense')]
    public function testRefusesWhatIsNoAmount(\Closure $call): void
    {
        $this->expectException(NotAnAmount::class);
        $call();
    }

    /** @return iterable<string, array{\Closure}> */
    public static function nonsense(): iterable
    {
        yield 'text' => [static fn() => Money::of('12,50')];
        yield 'empty' => [static fn() => Money::of('')];
        yield 'step' => [static fn() => Money::of(1)->roundedUpTo(Money::zero())];
        yield 'division' => [static fn() => Money::of(1)->dividedBy(0)];
        yield 'ratio' => [static fn() => Money::of(1)->ratioTo(Money::zero())];
    }
}
