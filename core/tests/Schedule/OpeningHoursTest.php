<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Schedule\Day\Presence;
use Facelift\Schedule\NeverOpen;
use Facelift\Schedule\OpeningHours;
use Facelift\Schedule\OpenSpan;
use Facelift\Schedule\OpenTime;
use Facelift\Schedule\Person;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class OpeningHoursTest extends TestCase
{
    use TestTrait;

    public function testItOpensAfterTheNightTheBreakTheWeekendAndTheHoliday(): void
    {
        $hours = self::stall(['2026-11-30']);
        foreach ([
            // Thursday: before opening, within, in the break, after closing.
            ['2026-11-26 07:10', '2026-11-26 09:00'],
            ['2026-11-26 10:10', '2026-11-26 10:10'],
            ['2026-11-26 13:20', '2026-11-26 14:00'],
            ['2026-11-26 18:00', '2026-11-27 09:00'],
            // Saturday after closing; Monday is a holiday.
            ['2026-11-28 13:30', '2026-12-01 09:00'],
        ] as [$at, $opens]) {
            self::assertSame(self::ms($opens), $hours->opensAt(self::ms($at)), $at);
        }
        self::assertTrue($hours->isOpen(self::ms('2026-11-26 09:00')));
        self::assertFalse($hours->isOpen(self::ms('2026-11-26 13:00')));
        self::assertFalse($hours->isOpen(self::ms('2026-11-29 10:00')), 'Sunday');
    }

    public function testItIsSaidWhenItOpensBeforeSomethingIsReady(): void
    {
        $hours = self::stall();
        $now = self::ms('2026-11-26 10:00');
        self::assertNull($hours->openedBetween($now, self::ms('2026-11-26 12:10')));
        self::assertSame(self::ms('2026-11-26 14:00'), $hours->openedBetween($now, self::ms('2026-11-26 14:30')));
        self::assertSame(self::ms('2026-11-27 09:00'), $hours->openedBetween($now, self::ms('2026-11-27 09:00')));
        $night = self::ms('2026-11-26 20:00');
        self::assertSame(self::ms('2026-11-27 09:00'), $hours->openedBetween($night, self::ms('2026-11-27 11:00')));
    }

    public function testItIsSaidAsAShopSaysIt(): void
    {
        $hours = self::stall();
        $now = self::ms('2026-11-26 10:02');
        foreach ([
            ['2026-11-26 10:41', '2026-11-26 10:45'],
            ['2026-11-26 15:10', '2026-11-26 15:30'],
            ['2026-11-26 12:59', '2026-11-26 13:00'],
            ['2026-11-26 17:50', '2026-11-26 18:00'],
            ['2026-11-26 21:30', '2026-11-27 09:00'],
            ['2026-11-27 02:45', '2026-11-27 09:00'],
        ] as [$ready, $said]) {
            self::assertSame(self::ms($said), $hours->said(self::ms($ready), $now), $ready);
        }
    }

    /** On the last Sunday of March an hour is missing, on that of October there is one more (EU directive 2000/84). */
    public function testSummerTimeNeitherLosesNorAddsAnHourOfWork(): void
    {
        $all = array_fill(1, 7, [new OpenSpan(0, 1440)]);
        $hours = new OpeningHours(new \DateTimeZone('Europe/Berlin'), $all);
        $day = static fn(string $d): int => array_sum(array_map(
            static fn(array $s): int => $s[1] - $s[0],
            $hours->spans(self::ms($d . ' 00:00'), 1),
        ));
        self::assertSame(23 * 3_600_000, $day('2026-03-29'));
        self::assertSame(25 * 3_600_000, $day('2026-10-25'));
        self::assertSame(24 * 3_600_000, $day('2026-11-26'));
    }

    public function testAShopThatNeverOpensPromisesNothing(): void
    {
        $this->expectException(NeverOpen::class);
        (new OpeningHours(new \DateTimeZone('UTC'), []))->opensAt(self::ms('2026-11-26 10:00'));
    }

    /** Open time and moments are the same thing seen twice. */
    public function testOpenTimeGoesThereAndBack(): void
    {
        $time = new OpenTime(self::stall(), self::ms('2026-11-26 07:00'));
        self::assertSame(0, $time->until(self::ms('2026-11-26 09:00')));
        self::assertSame(4 * 3600, $time->until(self::ms('2026-11-26 13:30')));
        self::assertSame(self::ms('2026-11-26 15:00'), $time->moment(5 * 3600));
        // A clamp of three hours put on at five is taken off when it opens.
        $five = $time->until(self::ms('2026-11-26 17:00'));
        self::assertSame(self::ms('2026-11-27 09:00'), $time->begin($time->goesOn($five, 3 * 3600)));
        // Half an hour of work that has to be done in one go does not begin ten minutes before the break.
        $late = $time->until(self::ms('2026-11-26 12:50'));
        $there = Presence::of(new Person('ada'), $time, self::ms('2026-11-26 07:00'));
        self::assertSame($time->until(self::ms('2026-11-26 14:00')), $there->fits($late, 1800));
        $any = Generators::choose(0, 1 << 30);
        $this->limitTo(200)->forAll($any)->then(static function (int $seed) use ($time): void {
            $open = (new Dice($seed))->int(1, 400_000);
            self::assertSame($open, $time->until($time->moment($open)));
        });
    }

    /** @param list<string> $closed */
    public static function stall(array $closed = []): OpeningHours
    {
        $day = [new OpenSpan(540, 780), new OpenSpan(840, 1080)];

        return new OpeningHours(
            new \DateTimeZone('Europe/Berlin'),
            array_fill(1, 5, $day) + [6 => [new OpenSpan(540, 780)]],
            $closed,
        );
    }

    public static function ms(string $at): int
    {
        return 1000 * (new \DateTimeImmutable($at, new \DateTimeZone('Europe/Berlin')))->getTimestamp();
    }
}
