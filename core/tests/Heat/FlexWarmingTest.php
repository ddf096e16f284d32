<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\FlexWarming;
use Facelift\Heat\Source;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: a glued flex takes seconds, not minutes. */
final class FlexWarmingTest extends TestCase
{
    public function testAFlexTakesSeconds(): void
    {
        $seconds = self::seconds(FlexWarming::SET);
        self::assertGreaterThanOrEqual(4, $seconds);
        self::assertLessThanOrEqual(30, $seconds);
    }

    public function testHotterAirNearerByOrOlderGlueIsNeverSlower(): void
    {
        self::assertLessThanOrEqual(self::seconds(150), self::seconds(250));
        self::assertLessThanOrEqual(self::seconds(200, 60), self::seconds(200));
        self::assertLessThanOrEqual(self::seconds(200), self::seconds(200, state: AdhesiveState::Aged));
    }

    public function testAirTooColdIsGivenUpBeforeTheFlexScorches(): void
    {
        self::assertSame(40, self::seconds(100, 190));
    }

    private static function seconds(float $set, float $distance = 30, AdhesiveState $state = AdhesiveState::Fresh): int
    {
        return (new FlexWarming())->seconds(
            Source::localAir($set, $distance),
            AdhesiveWindow::of(AdhesiveKind::FlexGlue, $state),
        );
    }
}
