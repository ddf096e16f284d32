<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Facelift\Schedule\Begun;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\NextUp;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\Day\Why;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\Piece;
use Facelift\Tests\Schedule\OpeningHoursTest;
use PHPUnit\Framework\TestCase;

/** Why somebody goes on with this phone, and not with another one. */
final class NextUpTest extends TestCase
{
    public function testWhatIsInHandOrWarmOrAskedForSaysSo(): void
    {
        self::assertSame(Why::InHand, self::first(self::load('a', 60, new Begun('ada', self::now())))->why);
        $warm = new Begun('ada', self::now() + 60_000, Equipment::Plate);
        self::assertSame(Why::Warm, self::first(self::load('a', 60, $warm))->why);
        self::assertSame(Why::Pinned, self::first(self::load('a', 90)->pinned(self::now()), self::load('b', 30))->why);
    }

    public function testWhatIsDueBeforeAndCannotBeGoneOnWithIsNamed(): void
    {
        self::assertSame(Why::DueFirst, self::first(self::load('a', 60), self::load('b', 90))->why);
        $clamped = self::load('clamped', 30, new Begun(null, self::now() + 1_200_000, Equipment::ClampSet));
        $next = self::first($clamped, self::load('b', 90));
        self::assertSame([Why::WhileOthersWait, ['clamped']], [$next->why, $next->waiting]);
    }

    /** A short one first makes both ready earlier, and nobody is late. */
    public function testAnotherThatIsDueBeforeMayWaitForTheGoodOfAll(): void
    {
        $long = new Load(
            'long',
            new Chain([new Piece('a', 3000)]),
            self::now(),
            self::now() + 7_200_000,
            0.3,
        );
        $next = self::first($long, self::load('short', 180));
        self::assertSame(['short', Why::BetterForAll], [$next->slot->load, $next->why]);
    }

    private static function first(Load ...$loads): NextUp
    {
        $day = new Day(Days::bench(1), array_values($loads), self::now());

        return NextUp::of((new Planner())->plan($day, Effort::thorough())->laid, 'ada', 1)[0];
    }

    /** @param int $due min from now */
    private static function load(string $id, int $due, ?Begun $begun = null): Load
    {
        return new Load(
            $id,
            new Chain([new Piece('a', 600)]),
            self::now(),
            self::now() + 60_000 * $due,
            0.3,
            1,
            $begun,
        );
    }

    private static function now(): int
    {
        return OpeningHoursTest::ms('2026-11-26 09:00');
    }
}
