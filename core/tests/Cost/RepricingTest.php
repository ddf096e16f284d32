<?php

declare(strict_types=1);

namespace Facelift\Tests\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Cost\Consumables;
use Facelift\Cost\Inside;
use Facelift\Cost\JobCost;
use Facelift\Cost\Loss;
use Facelift\Cost\Price;
use Facelift\Cost\Repricing;
use Facelift\Cost\ShopRules;
use Facelift\Cost\ShopRulesReader;
use Facelift\Quantity\Money;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class RepricingTest extends TestCase
{
    /** By the rules it was priced by, a price is the same again; by others, as if it were priced anew by them. */
    public function testAPriceIsWhatItWouldHaveBeen(): void
    {
        $dice = new Dice(7);
        for ($i = 0; $i < 200; ++$i) {
            $part = Money::of((string) $dice->int(10, 90));
            $seconds = (float) (60 * $dice->int(15, 120));
            $uses = new Consumables($dice->int(0, 60) / 100, $dice->int(0, 1), $dice->int(0, 30) / 10, 0);
            $old = self::rules([]);
            $new = self::rules([
                'hourlyRate' => (string) $dice->int(20, 80),
                'tapeMetre' => '0.90',
                'marginFloor' => '0.3',
                'taxRate' => '0.21',
            ]);
            $then = self::cost($part, $seconds, $uses, $old);
            $inside = Inside::of($then, Price::of($then->expected(), $old, null));
            $kind = ReplacementKind::DisplayWithFrame;
            self::assertEquals(
                Price::of($then->expected(), $old, null),
                (new Repricing($old))->of($inside, 'tivane-anvil', $kind),
            );
            $anew = Price::of(self::cost($part, $seconds, $uses, $new)->expected(), $new, null);
            $now = (new Repricing($new))->of($inside, 'tivane-anvil', $kind);
            // A cent of a risk rounded twice may reach the next step of rounding.
            self::assertLessThanOrEqual(1.0, abs((float) (string) $now->gross - (float) (string) $anew->gross));
        }
    }

    public function testAFixedPriceHolds(): void
    {
        $rules = self::rules(['fixed' => [
            ['phone' => 'tivane-anvil', 'kind' => 'display-assembly', 'amount' => '99.00'],
        ]]);
        $cost = self::cost(Money::of('40'), 1800.0, new Consumables(0.0, 0, 0.0, 0), $rules);
        $inside = Inside::of($cost, Price::of($cost->expected(), $rules, null));
        $price = (new Repricing($rules))->of($inside, 'tivane-anvil', ReplacementKind::DisplayAssembly);
        self::assertSame('99.00', (string) $price->gross);
    }

    /** As it was written when phone and kind stood in one text. */
    public function testRulesOfEarlierAreRead(): void
    {
        $rules = self::rules(['fixed' => [['for' => 'tivane-anvil display-assembly', 'amount' => '99']],
            'worth' => [['for' => 'tivane-anvil', 'amount' => '120']]]);
        $fixed = $rules->fixedFor('tivane-anvil', ReplacementKind::DisplayAssembly);
        self::assertSame(['99.00', '120.00'], [(string) $fixed, (string) $rules->worth['tivane-anvil']]);
    }

    private static function cost(Money $part, float $seconds, Consumables $uses, ShopRules $rules): JobCost
    {
        $plain = JobCost::of(
            $part,
            $seconds,
            $uses,
            [],
            $rules,
        )->plain();

        return JobCost::of(
            $part,
            $seconds,
            $uses,
            [new Loss('torn-flex', 0.02, $plain)],
            $rules,
        );
    }

    /** @param array<string, mixed> $other */
    private static function rules(array $other): ShopRules
    {
        return (new ShopRulesReader())->read($other + ShopRulesReader::USUAL);
    }
}
