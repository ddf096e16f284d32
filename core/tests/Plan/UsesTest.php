<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\Uses;
use Facelift\Seal\InnerSeal;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What a plan uses up, against figures by hand. Widths of bead and dab: common practice, no source. */
final class UsesTest extends TestCase
{
    public function testAPrecutSealIsOneAndNeedsNoTapeNorGlue(): void
    {
        $uses = Uses::of(Phones::plan('quillon-vesper', K::DisplayAssembly));
        self::assertSame([0.0, 1, 0.0, 0], [$uses->metres, $uses->seals, $uses->ml, $uses->kits]);
    }

    /**
     * The bead of 0.7 mm is 417 mm long: π/4 · 0.49 · 417 = 160.5 mm³, and 15 %: 0.185 ml; nothing else is liquid on
     * the Sorrel.
     */
    public function testABeadIsItsSectionTimesItsLengthAndAMargin(): void
    {
        self::assertEqualsWithDelta(0.185, Uses::of(Phones::plan('maruvi-sorrel', K::DisplayAssembly))->ml, 0.002);
    }

    public function testANewFrameTakesASealADabUnderTheMotorAndTape(): void
    {
        $plan = Phones::plan('brasca-fern-5', K::DisplayWithFrame);
        $uses = Uses::of($plan);
        self::assertSame([1, 0.05, 0], [$uses->seals, $uses->ml, $uses->kits]);
        self::assertNotContains('display-tape', $plan->route->ids(), 'the new frame comes with the display bonded in');
        // Two pull strips under the battery, as long as it is but for 5 mm at either end.
        $long = $plan->basis->phone->parts['battery']->box->height;
        self::assertEqualsWithDelta(2 * ($long - 10) / 1000, $uses->metres, 1e-3);
    }

    public function testGlassOnlyUsesAKit(): void
    {
        self::assertSame(1, Uses::of(Phones::plan('quillon-vesper', K::GlassOnly))->kits);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhatIsUsedIsWhatTheSealsOfThePlanSay(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $uses = Uses::of($plan);
        $tape = 0.0;
        foreach ($plan->sealing->seals as $seal) {
            $tape += $seal->supplied ? 0.0 : $seal->tape() / 1000;
        }
        foreach ($plan->route->ids() as $id) {
            $bond = $plan->basis->phone->bonds[$id] ?? null;
            $tape += $bond === null ? 0.0 : (InnerSeal::of($plan->basis->phone, $bond)?->tape() ?? 0.0) / 1000;
        }
        self::assertEqualsWithDelta($tape, $uses->metres, 0.001);
        self::assertLessThanOrEqual(\count($plan->sealing->seals), $uses->seals);
        self::assertGreaterThanOrEqual(0.0, $uses->ml);
        self::assertSame($kind === K::GlassOnly ? 1 : 0, $uses->kits);
    }
}
