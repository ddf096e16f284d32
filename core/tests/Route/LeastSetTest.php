<?php

declare(strict_types=1);

namespace Facelift\Tests\Route;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Route\LeastSet;
use Facelift\Route\NoWayIn;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class LeastSetTest extends TestCase
{
    use TestTrait;

    public function testTakesOnlyWhatBlocksTheGoal(): void
    {
        $set = new LeastSet(['screw' => [], 'cover' => [['screw']], 'plug' => [['cover']], 'speaker' => []]);
        self::assertSame(['screw', 'cover', 'plug'], $set->for(['plug']));
    }

    public function testTakesTheShorterOfTwoWays(): void
    {
        $set = new LeastSet(['a' => [], 'b' => [['a']], 'c' => [], 'goal' => [['b', 'c']]]);
        self::assertSame(['c', 'goal'], $set->for(['goal']));
    }

    public function testWhatIsOffAlreadyCostsNothing(): void
    {
        self::assertSame(['goal'], (new LeastSet(['a' => [], 'goal' => [['a']]]))->for(['goal'], ['a']));
    }

    public function testSaysThatThereIsNoWayIn(): void
    {
        $this->expectException(NoWayIn::class);
        (new LeastSet(['a' => [['b']], 'b' => [['a']]]))->for(['a']);
    }

    public function testAgreesWithBruteForceOnSmallRandomGraphs(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $clauses = self::graph(new Dice($seed), 7);
                $goals = [array_key_last($clauses)];
                $brute = self::bruteForce($clauses, $goals);
                try {
                    $found = \count((new LeastSet($clauses))->for($goals));
                } catch (NoWayIn) {
                    $found = null;
                }
                self::assertSame($brute, $found, "seed $seed");
            });
    }

    /** @return non-empty-array<string, list<list<string>>> */
    private static function graph(Dice $dice, int $size): array
    {
        $ids = array_map(static fn(int $i): string => 'n' . $i, range(0, $size - 1));
        $clauses = [];
        foreach ($ids as $id) {
            $others = array_values(array_diff($ids, [$id]));
            $clauses[$id] = [];
            for ($k = $dice->int(0, 2); $k > 0; --$k) {
                $clauses[$id][] = \array_slice($dice->shuffled($others), 0, $dice->int(1, 2));
            }
        }

        return $clauses;
    }

    /**
     * @param array<string, list<list<string>>> $clauses
     * @param list<string>                      $goals
     */
    private static function bruteForce(array $clauses, array $goals): ?int
    {
        $ids = array_keys($clauses);
        $best = null;
        for ($mask = 0; $mask < 1 << \count($ids); ++$mask) {
            $set = array_values(
                array_filter($ids, static fn(int $i): bool => (($mask >> $i) & 1) === 1, \ARRAY_FILTER_USE_KEY),
            );
            if (
                array_diff($goals, $set) === []
                && self::canBeOrdered($set, $clauses)
                && ($best === null || \count($set) < $best)
            ) {
                $best = \count($set);
            }
        }

        return $best;
    }

    /**
     * @param list<string>                      $set
     * @param array<string, list<list<string>>> $clauses
     */
    private static function canBeOrdered(array $set, array $clauses): bool
    {
        $off = [];
        for ($round = 0; $round <= \count($set); ++$round) {
            foreach ($set as $id) {
                foreach ($clauses[$id] as $any) {
                    if (array_intersect($any, $off) === []) {
                        continue 2;
                    }
                }
                $off[] = $id;
            }
        }

        return array_diff($set, $off) === [];
    }
}
