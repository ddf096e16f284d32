<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\Uses;
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

    /** Round the glass 2·(73.4 + 155.2) − (8 − 2π)·7 = 445.18 mm; a bead of 1 mm is π/4 mm² of it, 349.6 mm³. */
    public function testABeadIsItsSectionTimesTheWayRoundTheGlass(): void
    {
        self::assertEqualsWithDelta(0.350, Uses::of(Phones::plan('maruvi-sorrel', K::DisplayAssembly))->ml, 0.0006);
    }

    public function testANewFrameTakesASealADabUnderTheMotorAndTape(): void
    {
        $plan = Phones::plan('brasca-fern-5', K::DisplayWithFrame);
        $uses = Uses::of($plan);
        self::assertSame([1, 0.05, 0], [$uses->seals, $uses->ml, $uses->kits]);
        self::assertNotContains('display-tape', $plan->route->ids(), 'the new frame comes with the display bonded in');
        self::assertSame(0.0, $uses->metres);
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
        $tape = array_sum(array_map(static fn($s): float => array_sum($s->metres), $plan->sealing->seals));
        self::assertEqualsWithDelta($tape, $uses->metres, 0.001);
        self::assertLessThanOrEqual(\count($plan->sealing->seals), $uses->seals);
        self::assertGreaterThanOrEqual(0.0, $uses->ml);
        self::assertSame($kind === K::GlassOnly ? 1 : 0, $uses->kits);
    }
}
