<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule;

use Facelift\Schedule\Pace;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    public function testNothingRecordedIsAsPlanned(): void
    {
        self::assertSame(1.0, Pace::unknown()->factor());
        self::assertSame(0.0, Pace::unknown()->hours());
    }

    /** Two hours planned and worked in one: (2 + 2) / (1 + 2), by hand; the record is young. */
    public function testByHand(): void
    {
        self::assertEqualsWithDelta(4 / 3, Pace::unknown()->and(7200.0, 3600.0)->factor(), 1e-12);
        self::assertSame(1.0, Pace::unknown()->and(7200.0, 3600.0)->hours());
    }

    /** Somebody who needs a quarter more time always ends near 0.8, and one who speeds up is found out. */
    public function testItFollowsTheWork(): void
    {
        $pace = Pace::unknown();
        for ($step = 0; $step < 20_000; ++$step) {
            $pace = $pace->and(100.0, 125.0);
        }
        self::assertEqualsWithDelta(0.8, $pace->factor(), 0.01);
        for ($step = 0; $step < 20_000; ++$step) {
            $pace = $pace->and(100.0, 80.0);
        }
        self::assertEqualsWithDelta(1.25, $pace->factor(), 0.02);
        // What is kept is bounded, however long the shop works: half-life over ln 2.
        self::assertLessThan(144_000.0 / M_LN2 / 3600.0 + 0.1, $pace->hours());
    }

    public function testItStaysWithinWhatCanBeTyped(): void
    {
        self::assertSame(4.0, Pace::unknown()->and(1e6, 1.0)->factor());
        self::assertSame(0.25, Pace::unknown()->and(1.0, 1e6)->factor());
        $this->expectException(InvalidArgumentException::class);
        new Pace(-1.0, 0.0);
    }
}
