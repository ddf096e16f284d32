<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule;

use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\Laid;
use Facelift\Schedule\Day\MadeDays;
use Facelift\Schedule\Day\Memory;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\Day\Task;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\NobodyMay;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Promised;
use Facelift\Schedule\PromiseTime;
use Facelift\Schedule\Right;
use Facelift\Tests\Dice;
use Facelift\Tests\Schedule\Day\Days;
use PHPUnit\Framework\TestCase;

final class PromiseTest extends TestCase
{
    /** The word is kept as often as the shop wants, in days that were not the ones it was reckoned from. */
    public function testOfAThousandDaysAsManyHoldAsWerePromised(): void
    {
        $dice = new Dice(4711);
        $held = $again = $days = 0;
        for ($i = 0; $i < 20; ++$i) {
            $others = Days::loads($dice, Days::NOW, 5);
            $own = self::load(Days::chain($dice), Days::NOW);
            $at = self::promise($own, $others, 0.8);
            self::assertGreaterThanOrEqual($at->at, $at->said);
            self::assertGreaterThanOrEqual($at->likely, $at->at);
            // The day as it was when it was promised, and as it is planned anew with it accepted.
            $planned = self::planned($others);
            $as = PromiseTime::behind($own, $planned, $others);
            $anew = (new Planner())->plan($as->day, Effort::quick(), new Memory($planned->slots(), $planned->blocks()));
            for ($day = 0; $day < 50; ++$day) {
                $slower = array_map(static fn(Task $t): float => exp($t->spread * $dice->normal()), $as->day->tasks);
                $held += self::ready($as, $slower) <= $at->at ? 1 : 0;
                $again += self::ready($anew->laid, $slower) <= $at->at ? 1 : 0;
                ++$days;
            }
        }
        self::assertSame(1000, $days);
        self::assertGreaterThan(750, $held);
        self::assertLessThan(850, $held);
        self::assertGreaterThan(750, $again, 'planning anew breaks no promise');
    }

    /** @param array<int, float> $slower by task */
    private static function ready(Laid $laid, array $slower): int
    {
        $own = (int) array_key_last($laid->day->tasks);

        return $laid->day->time->moment(MadeDays::worked($laid, $laid->sequence(), $slower)[$own]);
    }

    public function testThePromiseLiesInOpeningHoursAndTheSameQuestionGetsTheSameAnswer(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 17:30');
        $load = self::load(new Chain([new Piece('a', 3600), new Piece('b', 60, 900, Equipment::ClampSet)]), $now);
        $at = self::promise($load, [], 0.8, $now);
        self::assertGreaterThan(OpeningHoursTest::ms('2026-11-27 09:00'), $at->said, 'half an hour is left today');
        self::assertTrue(Days::bench(1)->hours->isOpen($at->said));
        self::assertEquals($at, self::promise($load, [], 0.8, $now));
        self::assertGreaterThan($at->at, self::promise($load, [], 0.95, $now)->at);
    }

    public function testWhatNobodyMayDoIsNotPromised(): void
    {
        $this->expectException(NobodyMay::class);
        self::promise(self::load(new Chain([new Piece('a', 60, rights: [Right::Solder])]), Days::NOW), [], 0.8);
    }

    private static function load(Chain $chain, int $now): Load
    {
        return new Load(
            'own',
            $chain,
            $now,
            PHP_INT_MAX,
            0.35,
        );
    }

    /** @param list<Load> $others */
    private static function promise(Load $load, array $others, float $certainty, int $now = Days::NOW): Promised
    {
        return (new PromiseTime($certainty))->of($load, self::planned($others, $now), $others);
    }

    /** @param list<Load> $others */
    private static function planned(array $others, int $now = Days::NOW): Laid
    {
        return (new Planner())->plan(new Day(Days::bench(2), $others, $now), Effort::quick())->laid;
    }
}
