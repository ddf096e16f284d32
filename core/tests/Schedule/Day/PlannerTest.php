<?php

declare(strict_types=1);

namespace Facelift\Tests\Schedule\Day;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Schedule\Begun;
use Facelift\Schedule\Bench;
use Facelift\Schedule\Chain;
use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Effort;
use Facelift\Schedule\Day\Layout;
use Facelift\Schedule\Day\Memory;
use Facelift\Schedule\Day\Planner;
use Facelift\Schedule\Equipment;
use Facelift\Schedule\Load;
use Facelift\Schedule\Person;
use Facelift\Schedule\Piece;
use Facelift\Schedule\Right;
use Facelift\Schedule\Slot;
use Facelift\Tests\Dice;
use Facelift\Tests\Schedule\OpeningHoursTest;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    use TestTrait;

    /** Nobody and nothing twice at once, what is warm does not wait, hands rest while the shop is shut. */
    public function testWhateverComesInTheDayCanBeWorked(): void
    {
        $this->limitTo(30)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $day = Days::stall(new Dice($seed));
            $planned = (new Planner())->plan($day, Effort::quick());
            Worked::assert($planned->laid);
            self::assertLessThanOrEqual($planned->value->late, $planned->late, 'the bound is one');
            self::assertLessThanOrEqual($planned->value->finished, $planned->finished);
            self::assertEquals($planned->laid, (new Planner())->plan($day, Effort::quick())->laid, 'the same again');
        });
    }

    /** A step overruns, somebody leaves, a phone comes in: what is under way stays, and little of the rest moves. */
    public function testWhatComesBetweenMovesLittle(): void
    {
        $this->limitTo(20)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $loads = Days::loads($dice, Days::NOW, $dice->int(4, 9));
            $bench = Days::bench($dice->int(1, 2));
            $before = (new Planner())->plan(new Day($bench, $loads, Days::NOW), Effort::quick())->laid;
            $memory = new Memory($before->slots(), $before->blocks());
            self::assertSame(0, $memory->moved($before), 'nothing has moved yet');

            // Ten minutes later the first is still in hand, and one more has come in.
            $now = Days::NOW + 600_000;
            $first = $before->slots()[0];
            $loads = array_map(static fn(Load $l): Load => $l->id !== $first->load ? $l : new Load(
                $l->id,
                $l->chain,
                $l->from,
                $l->due,
                $l->spread,
                $l->weight,
                new Begun($first->person, $now),
            ), $loads);
            $new = new Load(
                'new',
                Days::chain($dice),
                $now,
                $now + 60_000 * $dice->int(60, 400),
                0.3,
            );
            $day = new Day($bench, [...$loads, $new], $now);
            $after = (new Planner())->plan($day, Effort::quick(), $memory);
            Worked::assert($after->laid);
            // Whatever was changed was changed for a promise: as it was, with the new one behind, is no better.
            $as = Layout::of($day, $memory->of($day))->value($memory);
            self::assertFalse($as->isBetterThan($after->value));
            if ($after->value->late === $as->late) {
                self::assertLessThanOrEqual($as->moved, $after->value->moved);
            }
        });
    }

    public function testWhileOneIsClampedAnotherIsWorkedOn(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 09:00');
        $chain = new Chain([
            new Piece('a', 1500, within: 0.0),
            new Piece('b', 0, 1800, Equipment::ClampSet),
            new Piece('c', 600),
        ]);
        $loads = [
            new Load(
                'x',
                $chain,
                $now,
                $now + 3_900_000,
                0.3,
            ),
            new Load(
                'y',
                $chain,
                $now,
                $now + 5_400_000,
                0.3,
            ),
        ];
        $planned = (new Planner())->plan(new Day(Days::bench(1), $loads, $now), Effort::thorough());
        // 1500 s of x, then 1500 s of y; x is taken off at 3300, y at 4800 and the hands are free.
        self::assertSame(['x' => 3900, 'y' => 5400], $planned->laid->ready());
        self::assertTrue($planned->proven);
        self::assertTrue($planned->isLeastLate());
    }

    public function testOnlyWhoMayDoesItAndWhoIsFasterIsAsked(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 09:00');
        $chip = new Chain([new Piece('a', 600), new Piece('chip', 600, rights: [Right::Solder])]);
        $bench = new Bench(
            OpeningHoursTest::stall(),
            [new Person('ada', [Right::Solder], 0.5), new Person('bo', [], 2.0)],
            [],
        );
        $loads = [new Load(
            'x',
            $chip,
            $now,
            $now,
            0.3,
        )];
        $laid = (new Planner())->plan(new Day($bench, $loads, $now), Effort::thorough())->laid;
        self::assertSame(['x' => 300 + 1200], $laid->ready());
        $nobody = new Bench($bench->hours, [new Person('bo')], []);
        self::assertSame(['x'], (new Day($nobody, $loads, $now))->stuck);
        $away = new Bench($bench->hours, [
            (new Person('ada', [Right::Solder]))->away([[$now, $now + 7_200_000]]),
            new Person('bo'),
        ], []);
        $later = (new Planner())->plan(new Day($away, $loads, $now), Effort::thorough())->laid;
        self::assertSame(['x' => 7200 + 600], $later->ready(), 'ada is back at eleven');
    }

    /** What is asked to begin at a time does, whatever is due before; what is under a clamp holds it until then. */
    public function testPinsAndWhatIsHeld(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 09:00');
        $clamped = new Chain([new Piece('close', 300, 1200, Equipment::ClampSet)]);
        $bench = new Bench(OpeningHoursTest::stall(), [new Person('ada')], [Equipment::ClampSet->value => 1]);
        $under = new Load(
            'under',
            new Chain([new Piece('test', 60)]),
            $now,
            $now + 60_000,
            0.3,
            1,
            new Begun(null, $now + 900_000, Equipment::ClampSet),
        );
        $next = new Load(
            'next',
            $clamped,
            $now,
            $now + 600_000,
            0.3,
        );
        $pinned = new Load(
            'pinned',
            new Chain([new Piece('a', 1200)]),
            $now,
            PHP_INT_MAX,
            0.3,
            1,
            null,
            $now + 600_000,
        );
        $laid = (new Planner())->plan(new Day($bench, [$under, $next, $pinned], $now), Effort::thorough())->laid;
        Worked::assert($laid);
        $from = [];
        foreach ($laid->slots() as $slot) {
            $from[$slot->load] = $slot->from;
        }
        self::assertSame(600, $from['pinned']);
        self::assertGreaterThanOrEqual(900, $from['next'], 'there is one set, and it is under way until then');
        self::assertGreaterThanOrEqual(900, $from['under']);
    }

    /** Whose hands were planned is not waited for once they are gone; what is pinned is done by whoever is there. */
    public function testNobodyIsWaitedForWhoHasLeft(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 09:00');
        $load = new Load(
            'x',
            new Chain([new Piece('a', 1200)]),
            $now,
            $now + 3_600_000,
            0.3,
        );
        $hours = OpeningHoursTest::stall();
        $both = new Bench($hours, [new Person('ada'), new Person('bo', [], 0.5)], []);
        $before = (new Planner())->plan(new Day($both, [$load], $now), Effort::quick())->laid;
        self::assertSame('ada', $before->slots()[0]->person, 'she is faster');
        $memory = new Memory($before->slots(), $before->blocks());
        $left = $both->with([(new Person('ada'))->away([[$now, $now + 10_800_000]]), new Person('bo', [], 0.5)]);
        foreach ([$load, $load->pinned($now)] as $one) {
            $slot = (new Planner())->plan(new Day($left, [$one], $now), Effort::quick(), $memory)->laid->slots()[0];
            self::assertSame(['bo', 0], [$slot->person, $slot->from]);
        }
    }

    /** Whatever it costs the others: what was asked to begin at a moment does. */
    public function testAPinIsKeptWhateverElseIsDue(): void
    {
        $this->limitTo(20)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $dice = new Dice($seed);
            $loads = Days::loads($dice, Days::NOW, $dice->int(2, 8));
            $pinned = new Load(
                'pinned',
                Days::chain($dice),
                Days::NOW,
                PHP_INT_MAX,
                0.3,
                1,
                null,
                Days::NOW + 60_000 * $dice->int(0, 30),
            );
            $day = new Day(Days::bench(2), [...$loads, $pinned], Days::NOW);
            $laid = (new Planner())->plan($day, Effort::quick())->laid;
            Worked::assert($laid);
            $own = (int) array_key_last($day->tasks);
            self::assertSame($day->tasks[$own]->pin, $laid->starts[$own][0]);
        });
    }

    /** Of two phones that somebody is said to have in hand the warm one is: the other waits for them, or for others. */
    public function testTwoHandsAreOnePair(): void
    {
        $now = OpeningHoursTest::ms('2026-11-26 09:00');
        $load = static fn(string $id, Begun $begun): Load => new Load(
            $id,
            new Chain([new Piece('a', 600)]),
            $now,
            $now + 3_600_000,
            0.3,
            1,
            $begun,
        );
        $bench = Days::bench(1);
        $loads = [
            $load('open', new Begun('ada', $now)),
            $load('warm', new Begun('ada', $now + 120_000, Equipment::Plate)),
        ];
        $laid = (new Planner())->plan(new Day($bench, $loads, $now), Effort::quick())->laid;
        Worked::assert($laid);
        $from = array_column(
            array_map(static fn(Slot $s): array => [$s->load, $s->from], $laid->slots()),
            1,
            0,
        );
        self::assertSame(120, $from['warm']);
        self::assertSame(720, $from['open'], 'ten minutes do not fit before it is warm');
    }
}
