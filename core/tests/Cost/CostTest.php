<?php

declare(strict_types=1);

namespace Facelift\Tests\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Cost\BreakEven;
use Facelift\Cost\Consumables;
use Facelift\Cost\Further;
use Facelift\Cost\JobCost;
use Facelift\Cost\Line;
use Facelift\Cost\Loss;
use Facelift\Cost\Price;
use Facelift\Cost\PriceRule;
use Facelift\Cost\ShopRules;
use Facelift\Cost\ShopRulesReader;
use Facelift\Cost\Worth;
use Facelift\Document\Unreadable;
use Facelift\Quantity\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Money by hand-worked examples. */
final class CostTest extends TestCase
{
    private static function rules(): ShopRules
    {
        return (new ShopRulesReader())->read(Rules::data());
    }

    /**
     * 60.00 part + 40 min at 36/h = 24.00 + 0.42 m at 0.50 = 0.21 + one seal 3.20 + 1.50 = 88.91; with 2 % of 84.00 =
     * 1.68: 90.59.
     */
    public function testCostLineByLine(): void
    {
        $cost = JobCost::of(
            Money::of('60'),
            2400,
            new Consumables(0.42, 1, 0.0),
            [new Loss('new-panel', 0.02, Money::of('84'))],
            self::rules(),
        );
        self::assertSame(
            ['part' => '60.00', 'labour' => '24.00', 'tape' => '0.21', 'seal' => '3.20', 'sundries' => '1.50'],
            array_column(array_map(static fn(Line $l): array => [$l->code, (string) $l->amount], $cost->lines), 1, 0),
        );
        self::assertSame(['88.91', '90.59'], [(string) $cost->plain(), (string) $cost->expected()]);
    }

    /** 90.59 / 0.8 = 113.2375 net; × 1.19 = 134.752625, up to 135.00; back: 113.45 net, 21.55 tax, margin 22.86. */
    public function testPriceKeepsTheMarginFloor(): void
    {
        $price = Price::of(Money::of('90.59'), self::rules(), null);
        self::assertSame(
            ['135.00', '113.45', '21.55', '22.86', PriceRule::MarginFloor, false],
            [
                (string) $price->gross,
                (string) $price->net,
                (string) $price->tax,
                (string) $price->margin,
                $price->rule,
                $price->underFloor,
            ],
        );
    }

    /** 40 / 0.7 × 1.05 is 60 exactly: a quotient cut off at any decimal would cross the step to 61. */
    public function testAPriceThatMeetsItsStepExactlyIsNotRoundedPastIt(): void
    {
        $rules = (new ShopRulesReader())->read(
            ['taxRate' => '0.05', 'marginFloor' => '0.3', 'roundTo' => '1.00'] + Rules::data(),
        );
        self::assertSame('60.00', (string) Price::of(Money::of('40.00'), $rules, null)->gross);
    }

    /** Against whole numbers of cents: gross = ⌈cost · (100 + tax) / ((100 − floor) · step)⌉ · step. */
    public function testPricesAgreeWithWholeNumbers(): void
    {
        $compared = 0;
        foreach ([0, 5, 7, 19, 20, 21] as $tax) {
            foreach ([0, 10, 15, 20, 25, 30, 33, 35] as $floor) {
                foreach ([1, 50, 100, 500] as $step) {
                    $rules = (new ShopRulesReader())->read(
                        [
                            'taxRate' => sprintf('0.%02d', $tax),
                            'marginFloor' => sprintf('0.%02d', $floor),
                            'roundTo' => sprintf('%d.%02d', intdiv($step, 100), $step % 100),
                        ] + Rules::data(),
                    );
                    for ($cents = 100; $cents <= 20000; $cents += 199) {
                        $by = (100 - $floor) * $step;
                        $gross = intdiv($cents * (100 + $tax) + $by - 1, $by) * $step;
                        $price = Price::of(Money::of($cents)->dividedBy(100), $rules, null);
                        self::assertSame(
                            sprintf('%d.%02d', intdiv($gross, 100), $gross % 100),
                            (string) $price->gross,
                            "$cents cents, tax $tax, floor $floor, step $step",
                        );
                        self::assertTrue($price->net->plus($price->tax)->equals($price->gross));
                        ++$compared;
                    }
                }
            }
        }
        self::assertGreaterThan(19000, $compared);
    }

    /** Against whole numbers: rate in cents × seconds / 3600, half up. */
    public function testLabourIsRoundedOnce(): void
    {
        $rules = self::rules();
        for ($seconds = 1; $seconds <= 9000; $seconds += 7) {
            $cents = intdiv(2 * 3600 * $seconds + 3600, 7200);
            $cost = JobCost::of(
                Money::of(0),
                $seconds,
                new Consumables(0.0, 0, 0.0),
                [],
                $rules,
            );
            $labour = array_values(array_filter($cost->lines, static fn(Line $l): bool => $l->code === 'labour'))[0];
            self::assertSame(
                sprintf('%d.%02d', intdiv($cents, 100), $cents % 100),
                (string) $labour->amount,
                "$seconds s",
            );
        }
    }

    /**
     * 149 fixed: net 125.21, tax 23.79. At an expected cost of 110 the margin is 15.21, below the 20 % floor (137.50
     * net needed).
     */
    public function testAFixedPriceWinsAndSaysWhenItIsTooLow(): void
    {
        $price = Price::of(
            Money::of('110'),
            self::rules(),
            self::rules()->fixedFor('brasca-fern-5', ReplacementKind::DisplayAssembly),
        );
        self::assertSame(
            ['149.00', '125.21', '23.79', '15.21', PriceRule::Fixed, true],
            [
                (string) $price->gross,
                (string) $price->net,
                (string) $price->tax,
                (string) $price->margin,
                $price->rule,
                $price->underFloor,
            ],
        );
        self::assertNull(self::rules()->fixedFor('brasca-fern-5', ReplacementKind::DisplayWithFrame));
    }

    /** A try at 45, an assembly at 120: p* = 0.375. At 50 % a try costs 45 + 60 = 105, at 37.5 % exactly 120. */
    public function testBreakEven(): void
    {
        $even = new BreakEven(Money::of(45), Money::of(120));
        self::assertEqualsWithDelta(0.375, $even->rate(), 1e-9);
        self::assertSame(
            ['105.00', '120.00', '165.00', '45.00'],
            array_map(static fn(float $p): string => (string) $even->expected($p), [0.5, 0.375, 0.0, 1.0]),
        );
        self::assertGreaterThan(1.0, (new BreakEven(Money::of(130), Money::of(120)))->rate());
    }

    /** @param array<string, string|int> $figures */
    #[DataProvider('worths')]
    public function testWorth(
        string $price,
        ?string $worth,
        bool $data,
        string $code,
        array $figures,
    ): void {
        $reason = Worth::of(Money::of($price), $worth === null ? null : Money::of($worth), $data);
        self::assertSame([$code, $figures], [$reason->code, $reason->figures]);
    }

    /** @return iterable<string, array{string, string|null, bool, string, array<string, string|int>}> */
    public static function worths(): iterable
    {
        yield 'worth it' => [
            '90',
            '180',
            false,
            'worth-it',
            ['price' => '90.00', 'worth' => '180.00', 'percent' => 50],
        ];
        yield 'poor value' => [
            '135',
            '180',
            false,
            'poor-value',
            ['price' => '135.00', 'worth' => '180.00', 'percent' => 75],
        ];
        yield 'but the data is needed' => [
            '135',
            '180',
            true,
            'poor-value-but-data',
            ['price' => '135.00', 'worth' => '180.00', 'percent' => 75],
        ];
        yield 'not said' => ['135', null, true, 'worth-unknown', []];
        yield 'nothing left in it' => ['135', '0', false, 'worth-unknown', []];
    }

    public function testNetAndTaxAlwaysGiveTheGross(): void
    {
        for ($cents = 1; $cents < 40_000; $cents += 137) {
            $price = Price::of(Money::of($cents)->dividedBy(100), self::rules(), null);
            self::assertTrue($price->net->plus($price->tax)->equals($price->gross), "$cents");
            self::assertFalse($price->underFloor, "$cents");
        }
    }

    /** @param array<string, mixed> $spoil */
    #[DataProvider('badRules')]
    public function testBadRulesAreRefusedWithTheirPath(array $spoil, string $path): void
    {
        try {
            (new ShopRulesReader())->read(array_replace(Rules::data(), $spoil));
            self::fail('they were read');
        } catch (Unreadable $e) {
            self::assertSame([$path], array_map(static fn($f): string => $f->path, $e->faults));
        }
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function badRules(): iterable
    {
        yield [['hourlyRate' => '12,5'], 'hourlyRate'];
        yield [['hourlyRate' => '-1'], 'hourlyRate'];
        yield [['taxRate' => '19'], 'taxRate'];
        yield [['marginFloor' => '1'], 'marginFloor'];
        yield [['roundTo' => '0'], 'roundTo'];
        yield [['fixed' => [['phone' => 'x', 'kind' => 'display-assembly', 'amount' => 'free']]], 'fixed[0].amount'];
        yield [['warrantyDays' => -1], 'warrantyDays'];
        yield [['tip' => '1'], 'tip'];
    }

    /** By hand: 12.50 + 36 × 15/60 = 21.50; / 0.8 = 26.875; × 1.19 = 31.98, rounded up to 32. */
    public function testAFurtherPartIsPricedByTheSameRules(): void
    {
        $further = Further::of(Money::of('12.50'), 15, self::rules());
        self::assertSame(['21.50', '32.00'], [(string) $further->cost, (string) $further->gross()]);
        self::assertNull(
            Further::of(Money::zero(), 0, self::rules())->price,
            'nothing is added, not a rounded-up cent',
        );
        self::assertSame('0.00', (string) Further::of(Money::zero(), 0, self::rules())->gross());
    }
}
