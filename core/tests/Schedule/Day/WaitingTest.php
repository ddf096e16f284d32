<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Layout;
use Facelift\Schedule\Day\Order;
use Facelift\Schedule\Day\Waiting;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Wait;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

/** What a phone waits for, in days small enough to see it. */
final class WaitingTest extends TestCase
{
    use TestTrait;

    /** Two pairs of hands, one plate: the second phone waits for the plate until the first comes off. */
    public function testThePlateIsTaken(): void
    {
        $plate = [new Piece('heat', 60, 1800, Equipment::Plate), new Piece('open', 600)];
        $waits = self::waits(2, self::load('first', $plate), self::load('second', $plate));
        self::assertEquals([new Wait(Equipment::Plate, 1860, Days::NOW + 1_860_000)], $waits);
    }

    /** One pair of hands, two clamp sets: it waits for the hands. */
    public function testTheHandsAreTaken(): void
    {
        $work = [new Piece('open', 1200), new Piece('clamp', 30, 900, Equipment::ClampSet)];
        $waits = self::waits(1, self::load('first', $work), self::load('second', $work));
        self::assertEquals([new Wait(null, 1200, Days::NOW + 1_200_000)], $waits);
    }

    /** A wait of two minutes is not worth a word, and a phone that is alone waits for nothing. */
    public function testShortWaitsAreNotSaid(): void
    {
        $short = [new Piece('open', 120)];
        self::assertSame([], self::waits(1, self::load('first', $short), self::load('second', $short)));
        self::assertSame([], self::waits(1, self::load('second', [new Piece('open', 9000)])));
    }

    /** What it waits and what it works is all there is between its release and the end. */
    public function testWaitsAndWorkAddUp(): void
    {
        $this->forAll(Generators::choose(1, 1_000_000))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $day = new Day(Days::bench(2), Days::loads($dice, Days::NOW, 6), Days::NOW);
            $laid = Layout::of($day, new Order([]));
            foreach ($day->tasks as $j => $task) {
                $idle = $laid->starts[$j][0] - $task->release;
                foreach (array_keys(array_slice($laid->starts[$j], 1)) as $k) {
                    $idle += $laid->starts[$j][$k + 1] - $laid->over($j, $k);
                }
                $said = array_sum(array_map(static fn(Wait $w): int => $w->seconds, Waiting::of($laid, $task->id)));
                self::assertLessThanOrEqual($idle, $said);
                self::assertGreaterThan($idle - 300 * \count($task->works), $said);
            }
        });
    }

    /** @return list<Wait> of the last */
    private static function waits(int $hands, Load ...$loads): array
    {
        $day = new Day(Days::bench($hands), array_values($loads), Days::NOW);

        return Waiting::of(Layout::of($day, new Order(array_keys(array_values($loads)))), 'second');
    }

    /** @param non-empty-list<Piece> $pieces */
    private static function load(string $id, array $pieces): Load
    {
        return new Load(
            $id,
            new Chain($pieces),
            Days::NOW,
            PHP_INT_MAX,
            0.35,
        );
    }
}
