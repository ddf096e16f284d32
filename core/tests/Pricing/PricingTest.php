<?php

declare(strict_types=1);

namespace Facelift\Tests\Pricing;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Cost\Line;
use Facelift\Cost\ShopRulesReader;
use Facelift\Fit\Offer;
use Facelift\Fit\Sheet;
use Facelift\Pricing\Asked;
use Facelift\Pricing\Option;
use Facelift\Pricing\Pricing;
use Facelift\Pricing\ShelfPart;
use Facelift\Quantity\Money;
use Facelift\Record\Rate;
use Facelift\Tests\Cost\Rules;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** From plans and a shelf to prices, against sums by hand; which part is taken is common practice, no source. */
final class PricingTest extends TestCase
{
    public function testTheCheapestPartThatFitsIsTaken(): void
    {
        $shelf = [
            self::part(1, '48.00'),
            self::part(2, '41.00'),
            self::part(3, '9.00', connector: 'QV-40'),
            self::part(4, null),
        ];
        self::assertSame(2, self::option(K::DisplayAssembly, $shelf)->chosen?->part->item);
    }

    public function testAPartThatFitsWithALossIsTakenOnlyIfNoneFitsWhole(): void
    {
        $loss = self::part(2, '20.00', technology: PanelTechnology::Lcd);
        self::assertSame(1, self::option(K::DisplayAssembly, [$loss, self::part(1, '48.00')])->chosen?->part->item);
        self::assertSame(2, self::option(K::DisplayAssembly, [$loss])->chosen?->part->item);
    }

    public function testThePartReservedForTheJobStaysItsPart(): void
    {
        $shelf = [self::part(1, '20.00'), self::part(2, '48.00', reserved: true)];
        self::assertSame(2, self::option(K::DisplayAssembly, $shelf)->chosen?->part->item);
    }

    public function testWhatNobodyKnowsTheCostOfHasNoPrice(): void
    {
        $option = self::option(K::DisplayAssembly, [self::part(1, null)]);
        self::assertSame(1, $option->chosen?->part->item);
        self::assertNull($option->priced);
        self::assertFalse($option->canBeOffered());
        self::assertNull(self::option(K::DisplayAssembly, [])->chosen);
    }

    public function testGlassIsPricedWithTheAssemblyThatALostPanelCosts(): void
    {
        $glass = self::part(5, '6.00', K::GlassOnly);
        self::assertNull(self::option(K::GlassOnly, [$glass])->priced, 'no assembly on the shelf to fall back on');
        $shelf = [$glass, self::part(1, '48.00'), self::part(2, '41.00')];
        $option = self::option(K::GlassOnly, $shelf, Rate::of(6, 8));
        self::assertNotNull($option->priced);
        $assembly = self::option(K::DisplayAssembly, $shelf)->priced?->cost->plain() ?? Money::zero();
        $lost = array_values(array_filter(
            $option->priced->cost->risks,
            static fn(Line $l): bool => $l->code === 'panel-lost',
        ));
        // Laplace's rule of succession: after 6 of 8 the next one succeeds with (6 + 1) / (8 + 2).
        self::assertSame((string) $assembly->times('0.3')->toCents(), (string) ($lost[0]->amount ?? null));
        $even = $option->priced->cost->plain()->ratioTo($assembly);
        self::assertEqualsWithDelta($even, $option->glass?->breakEven, 1e-9);
    }

    public function testAFixedPriceOfTheShopGoesBeforeTheComputedOne(): void
    {
        $fixed = ['phone' => 'quillon-vesper', 'kind' => 'display-assembly', 'amount' => '149.00'];
        $rules = ['fixed' => [$fixed]] + Rules::data();
        $option = self::option(K::DisplayAssembly, [self::part(1, '48.00')], rules: $rules);
        self::assertSame('149.00', (string) $option->priced?->price->gross);
    }

    public function testTheOrderOnTheShelfDoesNotMatter(): void
    {
        $dice = new Dice(20);
        for ($n = 0; $n < 40; ++$n) {
            $shelf = [];
            for ($i = 1; $i <= 6; ++$i) {
                $cost = $dice->chance(20) ? null : $i . '0.00';
                $shelf[] = self::part(
                    $i,
                    $cost,
                    technology: $dice->pick([PanelTechnology::Oled, PanelTechnology::Lcd]),
                );
            }
            $one = self::option(K::DisplayAssembly, $shelf)->chosen?->part;
            $other = self::option(K::DisplayAssembly, array_reverse($shelf))->chosen?->part;
            self::assertSame([$one?->cost?->__toString(), $one?->offer->technology], [
                $other?->cost?->__toString(),
                $other?->offer->technology,
            ]);
        }
    }

    /**
     * @param list<ShelfPart>           $shelf
     * @param array<string, mixed>|null $rules
     */
    private static function option(K $kind, array $shelf, ?Rate $record = null, ?array $rules = null): Option
    {
        $kinds = [K::DisplayAssembly, K::GlassOnly];
        $plans = array_map(static fn(K $k) => Phones::plan('quillon-vesper', $k), $kinds);
        $phone = Phones::read('quillon-vesper');
        $asked = new Asked(
            'quillon-vesper',
            $phone,
            'QV-2110',
            'graphite',
            Condition::observed([]),
            null,
        );
        $pricing = new Pricing(
            (new ShopRulesReader())->read($rules ?? Rules::data()),
            $record ?? Rate::of(0, 0),
            Rate::of(3, 4),
        );

        return $pricing->options($asked, $plans, $shelf)[(int) array_search($kind, $kinds, true)];
    }

    private static function part(
        int $item,
        ?string $cost,
        K $kind = K::DisplayAssembly,
        string $connector = 'QV-46P',
        PanelTechnology $technology = PanelTechnology::Oled,
        bool $reserved = false,
    ): ShelfPart {
        $glass = $kind === K::GlassOnly;
        $offer = new Offer(
            ['QV-2110'],
            $kind,
            $glass ? null : $connector,
            $glass ? null : $technology,
            'graphite',
            $glass ? null : 60,
            [],
            $glass ? Sheet::unknown() : new Sheet(
                64.2,
                138.6,
                1080,
                2332,
                1.35,
                false,
                false,
                true,
            ),
        );

        return new ShelfPart(
            $item,
            "S-$item",
            "Part $item",
            $offer,
            $cost === null ? null : Money::of($cost),
            $reserved,
        );
    }
}
