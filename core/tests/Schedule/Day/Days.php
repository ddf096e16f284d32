<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Facelift\Schedule\Bench;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\Person;
use Facelift\Schedule\Piece;
use Facelift\Tests\Dice;
use Facelift\Tests\Schedule\OpeningHoursTest;

/** Days of a stall by chance, with its hours and what it has. */
final readonly class Days
{
    /** 2026-11-26, ten in the morning in Berlin, ms since 1970 */
    public const NOW = 1_795_683_600_000;

    public static function stall(Dice $dice): Day
    {
        return new Day(self::bench($dice->int(1, 3)), self::loads($dice, self::NOW, $dice->int(2, 9)), self::NOW);
    }

    public static function bench(int $hands): Bench
    {
        $people = [new Person('ada')];
        for ($i = 1; $i < $hands; ++$i) {
            $people[] = new Person("p$i");
        }

        return new Bench(
            OpeningHoursTest::stall(),
            $people,
            [Equipment::Plate->value => 1, Equipment::ClampSet->value => 2],
        );
    }

    /** @return list<Load> */
    public static function loads(Dice $dice, int $now, int $count): array
    {
        $loads = [];
        for ($i = 0; $i < $count; ++$i) {
            $loads[] = new Load(
                "p$i",
                self::chain($dice),
                $now + 60_000 * $dice->int(0, 120),
                $now + 60_000 * $dice->int(60, 600),
                0.35,
                $dice->pick([1, 1, 1, 10]),
            );
        }

        return $loads;
    }

    public static function chain(Dice $dice): Chain
    {
        return new Chain([
            new Piece('ready', $dice->int(20, 90), within: 0.0),
            new Piece(
                'heat',
                10,
                $dice->int(60, 240),
                Equipment::Plate,
                0.0,
            ),
            new Piece('open', $dice->int(600, 2400)),
            new Piece('seal', $dice->int(120, 400), within: $dice->chance(50) ? 0.0 : 300.0),
            new Piece(
                'clamp',
                30,
                $dice->int(600, 2400),
                Equipment::ClampSet,
                null,
            ),
            new Piece('test', $dice->int(200, 600)),
        ]);
    }
}
