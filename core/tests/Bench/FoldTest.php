<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Fold;
use Facelift\Bench\Listed;
use Facelift\Bench\Run;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class FoldTest extends TestCase
{
    use TestTrait;

    public function testAnyInterleavingAndRepetitionGivesTheSameState(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
                $events = self::someWork($bench, $dice);
                $expected = self::plain(Run::of($bench->plan, $events));
                $repeated = $events;
                for ($i = $dice->int(1, 40); $i > 0; --$i) {
                    $repeated[] = $dice->pick($events);
                }
                self::assertSame(
                    $expected,
                    self::plain(Run::of($bench->plan, $dice->shuffled($repeated))),
                    "seed $seed",
                );
            });
    }

    public function testEventsThatArriveInAnyOrderAndAreSentAgainUntilKeptEndInTheSameState(): void
    {
        $this->limitTo(15)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $sent = Runs::of('quillon-vesper', K::DisplayAssembly);
                $ids = \array_slice(array_keys($sent->plan->steps), 0, $dice->int(5, 30));
                $events = array_merge(...array_map($sent->forStep(...), $ids));
                $received = new Runs($sent->plan);
                $left = $dice->shuffled($events);
                while ($left !== []) {
                    $before = \count($left);
                    $left = array_values(
                        array_filter($left, static fn(Event $e): bool => $received->arrive($e)?->mayPass() === true),
                    );
                    self::assertLessThan($before, \count($left), "seed $seed: nothing more is accepted");
                    $left = $dice->shuffled($left);
                }
                self::assertSame(self::plain(Run::of($sent->plan, $events)), self::plain($received->run));
                self::assertSame(
                    $ids,
                    array_values(array_intersect(array_keys($sent->plan->steps), array_keys($received->state()->done))),
                );
            });
    }

    public function testAWholeRunLeavesNothingOutAndNothingOn(): void
    {
        foreach (
            [
                ['quillon-vesper', K::DisplayAssembly],
                ['brasca-fern-5', K::DisplayWithFrame],
                ['brasca-fern-5', K::DisplayAssembly],
            ] as [$phone, $kind]
        ) {
            $bench = Runs::of($phone, $kind);
            $bench->workUpTo(null);
            $state = $bench->state();
            self::assertNull($bench->next());
            self::assertSame(
                [[], [], ['film-front' => 1], [], true],
                [
                    $state->ledger->screws,
                    $state->ledger->off,
                    $state->ledger->on,
                    $state->moisture->places,
                    $state->batteryIn,
                ],
            );
            self::assertSame([[], ['film-front']], [$bench->run->astray(), $state->ledger->atHandOver()]);
        }
    }

    /** Folded on one by one is the same as folded all at once, in whatever order they come. */
    public function testAFewEventsComeIntoARecordThatIsInOrder(): void
    {
        $this->limitTo(100)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(static function (int $seed): void {
                $dice = new Dice($seed);
                $some = static fn(string $of, int $n): array => array_map(
                    static fn(int $i): Event => new Event("$of-$i", EventType::Problem, $dice->int(1, 12), []),
                    $n === 0 ? [] : range(1, $n),
                );
                [$kept, $more] = [$some('a', $dice->int(0, 30)), $some('b', $dice->int(0, 6))];
                $again = \array_slice($kept, 0, 3);
                self::assertSame(
                    Listed::ordered([...$kept, ...$more]),
                    Listed::into(Listed::ordered($kept), [...$more, ...$again]),
                    "seed $seed",
                );
            });
    }

    public function testFoldingOnIsFoldingAll(): void
    {
        $this->limitTo(15)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
                $events = self::someWork($bench, $dice);
                $order = $dice->chance(50) ? $events : $dice->shuffled($events);
                $run = Run::of($bench->plan, []);
                foreach ($order as $event) {
                    $run = $run->with($event)->with($event);
                }
                self::assertSame(
                    self::plain(Run::of($bench->plan, $events)),
                    self::plain($run),
                    "seed $seed",
                );
            });
    }

    /** What was kept and went on from is the same as folded all at once, wherever it was kept. */
    public function testGoingOnFromWhatWasKeptIsFoldingAll(): void
    {
        $this->limitTo(15)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $dice = new Dice($seed);
                $bench = Runs::of('brasca-fern-5', K::DisplayAssembly);
                $events = self::someWork($bench, $dice);
                $order = $dice->chance(50) ? $events : $dice->shuffled($events);
                $run = Run::of($bench->plan, []);
                foreach ($order as $i => $event) {
                    $run = $run->with($event);
                    if ($dice->chance(30)) {
                        $kept = unserialize(serialize($run->fold()));
                        self::assertInstanceOf(Fold::class, $kept);
                        $run = Run::from($bench->plan, $kept, Listed::of(\array_slice($order, 0, $i + 1)));
                    }
                }
                self::assertSame(self::plain(Run::of($bench->plan, $events)), self::plain($run), "seed $seed");
            });
    }

    /** @return non-empty-list<Event> */
    private static function someWork(Runs $bench, Dice $dice): array
    {
        $steps = $dice->int(3, \count($bench->plan->steps));
        foreach (\array_slice(array_keys($bench->plan->steps), 0, $steps) as $id) {
            foreach ($bench->forStep($id) as $event) {
                $bench->arrive($event);
            }
            if ($dice->chance(10)) {
                $bench->try(EventType::Problem, ['text' => 'noted']);
            }
            if ($dice->chance(15)) {
                $bench->try($dice->pick([EventType::Wetted, EventType::Dried]), [
                    'place' => $dice->pick(['edge', 'back']),
                ]);
            }
            $last = $bench->state()->done[$id] ?? null;
            if ($last !== null && $dice->chance(15)) {
                $bench->try(EventType::Undo, ['event' => $last->id]);
                $bench->try(EventType::StepDone, ['step' => $id]);
            }
        }
        \assert($bench->events !== []);

        return $bench->events;
    }

    /** @return array<string, mixed> */
    private static function plain(Run $run): array
    {
        $state = $run->state;
        $parts = [
            'done' => array_map(static fn(Event $e): string => $e->id, $state->done),
            'timers' => array_map(static fn(Event $e): int => $e->at, $state->timers),
            'wet' => array_map(static fn(Place $p): string => $p->value, $state->moisture->places),
            'battery' => $state->batteryIn,
            'screws' => $state->ledger->screws,
            'off' => $state->ledger->off,
            'out' => $state->ledger->parts,
            'on' => $state->ledger->on,
            'tests' => $state->proofs->tests,
            'problems' => array_map(static fn(Event $e): string => $e->id, $run->problems()),
        ];
        foreach (['done', 'timers', 'screws', 'on', 'tests'] as $key) {
            ksort($parts[$key]);
        }
        foreach (['off', 'out', 'wet'] as $key) {
            sort($parts[$key]);
        }

        return $parts;
    }
}
