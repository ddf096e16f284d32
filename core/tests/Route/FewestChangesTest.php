<?php

declare(strict_types=1);

namespace Facelift\Tests\Route;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Route\FewestChanges;
use Facelift\Route\Graph;
use Facelift\Route\Improved;
use Facelift\Route\NoWayIn;
use Facelift\Route\OrderedRemovals;
use Facelift\Route\RemovalNode;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

#[Group('long')]
final class FewestChangesTest extends TestCase
{
    use TestTrait;

    private const THREE = [null, Tool::SixLobeT5, Tool::Spudger, Tool::Tweezers];
    private const EIGHT = [
        null,
        Tool::SixLobeT5,
        Tool::Spudger,
        Tool::Tweezers,
        Tool::Plate,
        Tool::HotAir,
        Tool::Card,
        Tool::PullTab,
        Tool::Dropper,
    ];

    public function testAgreesWithBruteForceOnSmallRandomGraphs(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $nodes = self::nodes(new Dice($seed), $seed % 50 === 0 ? 9 : 6);
                $best = self::bruteForce($nodes, []);
                $found = (new FewestChanges())->order($nodes);
                self::assertTrue($found->optimal);
                self::assertSame($best, $found->changes, "seed $seed");
                self::assertSame($found->changes, OrderedRemovals::changesOf(...$found->nodes));
            });
    }

    public function testKeepsEveryPrecedenceAlsoOnLargerGraphsAndPastItsBudget(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed): void {
                $nodes = self::nodes(new Dice($seed), 30);
                foreach ([new FewestChanges(), new FewestChanges(3)] as $order) {
                    $found = $order->order($nodes);
                    self::assertCount(30, $found->nodes);
                    $off = [];
                    foreach ($found->nodes as $node) {
                        foreach ($node->clauses as $any) {
                            self::assertNotSame(
                                [],
                                array_intersect($any, $off),
                                "seed $seed: $node->id before its clause",
                            );
                        }
                        $off[] = $node->id;
                    }
                }
            });
    }

    /** What is not proven comes with a bound, and the bound is never above the optimum. */
    public function testSaysWhenItIsNotProvenAndNeverBoundsTooHigh(): void
    {
        $unproven = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $nodes = self::nodes(new Dice($seed), 24);
            $best = (new FewestChanges(200_000))->order($nodes);
            self::assertTrue($best->optimal);
            self::assertSame($best->changes, $best->bound);
            $quick = (new FewestChanges(2))->order($nodes);
            self::assertGreaterThanOrEqual($best->changes, $quick->changes, "seed $seed");
            self::assertLessThanOrEqual($best->changes, $quick->bound, "seed $seed");
            self::assertSame($quick->optimal, $quick->bound === $quick->changes);
            $unproven += $quick->optimal ? 0 : 1;
        }
        self::assertGreaterThan(20, $unproven);
    }

    /** Two hundred removals: no block broken whatever the budget, and every one of them once. */
    public function testTwoHundredRemovalsKeepEveryPrecedence(): void
    {
        for ($seed = 1; $seed <= 6; ++$seed) {
            $nodes = self::nodes(new Dice($seed), 200);
            $found = (new FewestChanges(300))->order($nodes);
            self::assertCount(200, $found->nodes);
            $off = [];
            foreach ($found->nodes as $node) {
                foreach ($node->clauses as $any) {
                    self::assertNotSame([], array_intersect($any, $off), "seed $seed: $node->id before its clause");
                }
                self::assertNotContains($node->id, $off);
                $off[] = $node->id;
            }
        }
    }

    /** Past the budget the order is followed broadly and mended piece by piece, and it takes little memory. */
    public function testPastTheBudgetTheAnswerIsNearWhatALongSearchFinds(): void
    {
        for ($seed = 1; $seed <= 2; ++$seed) {
            $nodes = self::nodes(new Dice($seed), 50, self::EIGHT);
            $long = (new FewestChanges(4000))->order($nodes);
            $short = (new FewestChanges(20))->order($nodes);
            self::assertLessThanOrEqual($long->changes, $short->bound);
            self::assertLessThanOrEqual($long->changes + 1, $short->changes, 'within one change');
        }
    }

    /** No time at all: an order all the same, said not to be proven; time enough: the same as without a limit. */
    public function testPastItsTimeTheAnswerIsAnOrderThatIsNotCalledProven(): void
    {
        $nodes = self::nodes(new Dice(5), 50, self::EIGHT);
        $hurried = (new FewestChanges(seconds: 0.0))->order($nodes);
        self::assertCount(50, $hurried->nodes);
        self::assertSame(64, $hurried->explored, 'it looks at the clock after so many states');
        self::assertFalse($hurried->optimal);
        self::assertLessThanOrEqual($hurried->changes, $hurried->bound);
        $few = self::nodes(new Dice(5), 8, self::EIGHT);
        self::assertEquals((new FewestChanges())->order($few), (new FewestChanges(seconds: 3600.0))->order($few));
    }

    public function testTwoHundredRemovalsFitIntoAnOrdinaryMemory(): void
    {
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $found = (new FewestChanges(2000))->order(self::nodes(new Dice(3), 200, self::EIGHT));
        self::assertCount(200, $found->nodes);
        self::assertLessThan(128 * 1024 * 1024, memory_get_peak_usage() - $before);
    }

    public function testMendingNeverMakesAnOrderWorseOrInvalid(): void
    {
        for ($seed = 1; $seed <= 20; ++$seed) {
            $nodes = self::nodes(new Dice($seed), 30, self::EIGHT);
            // The order in which they were drawn is valid: nothing waits for a later one.
            $drawn = OrderedRemovals::changesOf(...$nodes);
            $order = (new Improved(Graph::of($nodes)))->of(array_keys($nodes));
            $mended = array_map(static fn(int $n): RemovalNode => $nodes[$n], $order);
            self::assertLessThan($drawn, OrderedRemovals::changesOf(...$mended));
            $off = [];
            foreach ($mended as $node) {
                foreach ($node->clauses as $any) {
                    self::assertNotSame([], array_intersect($any, $off));
                }
                $off[] = $node->id;
            }
            self::assertCount(30, array_unique($off));
        }
    }

    public function testSaysThatTheyBlockEachOther(): void
    {
        $this->expectException(NoWayIn::class);
        (new FewestChanges())->order([
            new RemovalNode('a', Tool::Spudger, Face::Front, [['b']]),
            new RemovalNode('b', Tool::Spudger, Face::Front, [['a']]),
        ]);
    }

    /**
     * @param non-empty-list<Tool|null> $tools
     *
     * @return list<RemovalNode>
     */
    private static function nodes(Dice $dice, int $size, array $tools = self::THREE): array
    {
        $nodes = [];
        for ($i = 0; $i < $size; ++$i) {
            $clauses = [];
            for ($k = $i === 0 ? 0 : $dice->int(0, 2); $k > 0; --$k) {
                $earlier = array_map(static fn(int $n): string => 'n' . $n, range(0, $i - 1));
                $clauses[] = \array_slice($dice->shuffled($earlier), 0, $dice->int(1, 2));
            }
            $nodes[] = new RemovalNode(
                'n' . $i,
                $dice->pick($tools),
                $dice->pick(Face::cases()),
                $clauses,
            );
        }

        return $nodes;
    }

    /**
     * @param list<RemovalNode> $left
     * @param list<RemovalNode> $taken
     */
    private static function bruteForce(array $left, array $taken): int
    {
        if ($left === []) {
            return OrderedRemovals::changesOf(...$taken);
        }
        $off = array_map(static fn(RemovalNode $n): string => $n->id, $taken);
        $best = \PHP_INT_MAX;
        foreach ($left as $i => $node) {
            foreach ($node->clauses as $any) {
                if (array_intersect($any, $off) === []) {
                    continue 2;
                }
            }
            $rest = $left;
            unset($rest[$i]);
            $best = min($best, self::bruteForce(array_values($rest), [...$taken, $node]));
        }

        return $best;
    }
}
